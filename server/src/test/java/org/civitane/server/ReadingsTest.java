package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.civitane.core.income.ReconciledSource;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Papers;
import org.civitane.server.papers.Reading;
import org.civitane.server.papers.ShownValue;
import org.civitane.server.platform.Problem;
import org.civitane.server.verification.Verification;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.Test;

/** Papers are read by a job; what was read counts once a caseworker has looked at it. */
public class ReadingsTest extends HandedIn {
    @Autowired
    private JdbcClient database;

    @Autowired
    private Papers papers;

    @Autowired
    private Verification verification;

    @Test
    public void aSlipIsReadWithItsPlacesAndCountsOnceItWasLookedAt() throws Exception {
        String from = claim.receivedOn().minusDays(13).toString();
        String to = claim.receivedOn().minusDays(7).toString();
        Paper slip = take(slip(from, to), "PAY_SLIPS", "slip.pdf");
        Reading read = awaitReading(slip);
        assertThat(read.state()).isEqualTo(Reading.State.READ);
        assertThat(value(read, "gross").value()).isEqualTo("431.00");
        ShownValue.Box place = value(read, "gross").place();
        assertThat(place.left()).isBetween(0.05, 0.2);
        assertThat(place.top()).isBetween(0.2, 0.5);
        assertThat(verification.of(dossier(claim)).income().sources())
                .extracting(source -> source.verdict())
                .containsExactly(ReconciledSource.Verdict.UNSUPPORTED);
        Reading seen = readings.see(
                claim,
                slip.id(),
                1,
                Map.of(
                        "employer", value(read, "employer").value(),
                        "periodStart", from,
                        "periodEnd", to,
                        "payDate", to,
                        "gross", "412.00"),
                caseworker);
        assertThat(value(seen, "gross").state()).isEqualTo(ShownValue.State.CORRECTED);
        assertThat(value(seen, "employer").state()).isEqualTo(ShownValue.State.CONFIRMED);
        var source = verification.of(dossier(claim)).income().sources().getFirst();
        assertThat(source.verdict()).isEqualTo(ReconciledSource.Verdict.AGREED);
        assertThat(source.shown()).contains("1785.33");
    }

    @Test
    public void theReadableZoneOfAPhotographedCardIsRead() throws Exception {
        Paper card = take(card(), "IDENTITY", "card.png");
        Reading read = awaitReading(card);
        assertThat(value(read, "name").value()).isEqualTo("RUNA OSTBY");
        assertThat(value(read, "dateOfBirth").value()).isEqualTo("1988-03-02");
        assertThat(value(read, "expiresOn").value()).isEqualTo("2031-03-31");
    }

    @Test
    public void whatSomeoneTypedWhileItWasReadStands() throws Exception {
        Paper paper = papers.take(claim, new ByteArrayInputStream(slowToRead()), "OTHER", "m1", "slow.png", applicant);
        readings.see(claim, paper.id(), 1, Map.of("amount", "1500.00"), caseworker);
        jobIsDone(paper);
        assertThat(readings.of(claim.id()).get(paper.id()).shown())
                .singleElement()
                .satisfies(value -> assertThat(value.value()).isEqualTo("1500.00"))
                .satisfies(value -> assertThat(value.isSeen()).isTrue());
    }

    @Test
    public void aPaperIsNotAcceptedBeforeItWasRead() throws Exception {
        Paper paper = papers.take(claim, new ByteArrayInputStream(slowToRead()), "OTHER", "m1", "slow.png", applicant);
        jobIsDone(paper);
        database.sql("update paper_reading set state = 'WAITING' where paper_id = ?")
                .param(paper.id())
                .update();
        assertThatThrownBy(() -> papers.judge(claim, paper.id(), Optional.empty(), caseworker))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("still being read");
        assertThat(papers.of(claim.id()).getFirst().state()).isEqualTo(Paper.State.RECEIVED);
    }

    private static byte[] slowToRead() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(1200, 1600, BufferedImage.TYPE_BYTE_GRAY), "png", out);
        return out.toByteArray();
    }

    private void jobIsDone(Paper paper) {
        await(
                "its job is done",
                () -> database.sql(
                                        "select count(*) from scheduled_tasks where task_name = 'read-paper' and task_instance = ?")
                                .param(paper.id().toString())
                                .query(Integer.class)
                                .single()
                        == 0);
    }

    @Test
    public void notBeingAbleToReadIsNormal() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(60, 60, BufferedImage.TYPE_INT_RGB), "png", out);
        Paper paper = take(out.toByteArray(), "IDENTITY", "dark.png");
        assertThat(awaitReading(paper).state()).isIn(Reading.State.NOTHING, Reading.State.FAILED);
    }

    private Paper take(byte[] contents, String kind, String name) {
        return papers.take(claim, new ByteArrayInputStream(contents), kind, "m1", name, applicant);
    }

    private Reading awaitReading(Paper paper) {
        await("it was read", () -> readings.of(claim.id()).get(paper.id()).state() != Reading.State.WAITING);
        return readings.of(claim.id()).get(paper.id());
    }

    private static ShownValue value(Reading reading, String field) {
        return reading.shown().stream()
                .filter(each -> each.field().equals(field))
                .findFirst()
                .orElseThrow();
    }

    private static byte[] slip(String from, String to) {
        return WrittenPdf.of(List.of(
                "Pay slip",
                "Employer: Tarn Quay Bakery",
                "Pay period: " + from + " to " + to,
                "Paid on: " + to,
                "Gross pay: 431.00"));
    }

    private static byte[] card() throws Exception {
        BufferedImage image = new BufferedImage(1_240, 860, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(
                java.awt.RenderingHints.KEY_TEXT_ANTIALIASING, java.awt.RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, image.getWidth(), image.getHeight());
        pen.setColor(Color.BLACK);
        pen.setFont(new Font(Font.MONOSPACED, Font.PLAIN, 56));
        List<String> zone = List.of(
                "I<XHVH213204175<<<<<<<<<<<<<<<", "8803024<3103312XHV<<<<<<<<<<<6", "OSTBY<<RUNA<<<<<<<<<<<<<<<<<<<");
        for (int i = 0; i < zone.size(); i++) {
            pen.drawString(zone.get(i), 90, 600 + i * 90);
        }
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }
}
