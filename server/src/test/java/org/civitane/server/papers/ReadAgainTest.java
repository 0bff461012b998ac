package org.civitane.server.papers;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.civitane.server.ServerTest;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** A paper that cannot be read at one moment is not said to be unreadable: it is read again, later and later. */
public class ReadAgainTest extends ServerTest {
    @Autowired
    private Papers papers;

    @Autowired
    private PaperStore store;

    @Autowired
    private JdbcClient database;

    private SignedIn caseworker;
    private ClaimView claim;
    private Paper paper;

    @BeforeMethod
    void aPaperThatWaits() throws IOException {
        SignedIn applicant = person(Role.APPLICANT);
        caseworker = person(Role.CASEWORKER);
        claim = taken(caseworker, handInForFood(applicant, answers(applicant)));
        paper = papers.take(claim, new ByteArrayInputStream(png()), "OTHER", "", "note.png", applicant);
        read(claim);
        database.sql("update paper_reading set state = 'WAITING' where paper_id = ?")
                .param(paper.id())
                .update();
    }

    @Test
    public void whatCannotBeReachedIsReadOnceItCan() throws IOException {
        Path file = store.file(paper.digest());
        Path away = Files.move(file, Path.of(STORE, "away-" + paper.id()));
        Instant first = whenAgain();
        assertThat(first).isAfter(clock.instant().plusSeconds(5));
        assertThat(readings.of(claim.id()).get(paper.id()).state()).isEqualTo(Reading.State.WAITING);
        itsTurnCame();
        assertThat(whenAgain())
                .as("the pause grows")
                .isAfter(first.plusSeconds(5))
                .isAfter(clock.instant().plusSeconds(15));
        Files.move(away, file);
        itsTurnCame();
        assertThat(readings.readNext(paper.id())).isEmpty();
        assertThat(readings.of(claim.id()).get(paper.id()).state()).isEqualTo(Reading.State.NOTHING);
    }

    @Test
    public void whoeverAcceptsItMeanwhileNeedNotWaitForTheMachine() throws IOException {
        Path file = store.file(paper.digest());
        Path away = Files.move(file, Path.of(STORE, "away-" + paper.id()));
        whenAgain();
        papers.judge(claim, paper.id(), Optional.empty(), caseworker);
        Files.move(away, file);
        itsTurnCame();
        assertThat(readings.readNext(paper.id())).isEmpty();
    }

    private Instant whenAgain() {
        return readings.readNext(paper.id()).orElseThrow();
    }

    private void itsTurnCame() {
        database.sql("update paper_reading set again_at = now() - interval '1 second' where paper_id = ?")
                .param(paper.id())
                .update();
    }

    private static byte[] png() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        BufferedImage picture = new BufferedImage(40, 40, BufferedImage.TYPE_INT_RGB);
        picture.setRGB(1, 1, (int) System.nanoTime() & 0xFFFFFF);
        ImageIO.write(picture, "png", out);
        return out.toByteArray();
    }
}
