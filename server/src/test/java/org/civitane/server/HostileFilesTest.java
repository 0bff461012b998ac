package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.imageio.ImageIO;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Papers;
import org.civitane.server.platform.Problem;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Files made to cost much cost their sender one turn, and nobody else more than that. */
public class HostileFilesTest extends ServerTest {
    /** Far more than any turn takes, and far less than these files take when nothing bounds them. */
    private static final long PATIENCE_MILLISECONDS = 240_000;

    @Autowired
    private Papers papers;

    @DataProvider
    Object[][] hostile() throws IOException {
        return new Object[][] {
            {"nested forms", HostileFiles.nestedForms()},
            {"chained filters", HostileFiles.chainedFilters()},
            {"twelve large streams", HostileFiles.manyLargeStreams()},
            {"a TIFF that points to itself", HostileFiles.circularTiff()},
            {"a TIFF of sixteen bits", HostileFiles.deepTiff()},
        };
    }

    @Test(dataProvider = "hostile", timeOut = PATIENCE_MILLISECONDS)
    public void aFileThatCostsTooMuchIsRefusedInASentence(String what, byte[] file) throws Exception {
        SignedIn who = person(Role.APPLICANT);
        ClaimView claim = handIn(who, answers(who));
        assertThatThrownBy(() -> take(claim, who, file))
                .as(what)
                .isInstanceOf(Problem.class)
                .hasMessageFindingMatch("too large|too long|damaged");
        assertThat(take(claim, who, png(20)).pages())
                .as("what comes after " + what)
                .isEqualTo(1);
    }

    @Test(timeOut = PATIENCE_MILLISECONDS)
    public void manyOfThemDelayNobodyElseByMoreThanATurn() throws Exception {
        SignedIn attacker = person(Role.APPLICANT);
        ClaimView claim = handIn(attacker, answers(attacker));
        byte[] file = HostileFiles.nestedForms();
        try (ExecutorService senders = Executors.newFixedThreadPool(8)) {
            List<Future<?>> sent = new ArrayList<>();
            for (int i = 0; i < 8; i++) {
                sent.add(senders.submit(() -> take(claim, attacker, file)));
            }
            SignedIn other = person(Role.APPLICANT);
            ClaimView theirs = handIn(other, answers(other));
            assertThat(take(theirs, other, png(21)).pages()).isEqualTo(1);
            assertThat(sent.stream().filter(each -> !each.isDone()).count())
                    .as("how many of the attacker's still wait")
                    .isGreaterThanOrEqualTo(3);
        }
        assertThat(ProcessHandle.current()
                        .children()
                        .filter(child -> child.info().commandLine().orElse("").contains("papers.looking.Eye"))
                        .count())
                .as("processes that look")
                .isLessThanOrEqualTo(2);
    }

    private Paper take(ClaimView claim, SignedIn who, byte[] file) {
        return papers.take(claim, new ByteArrayInputStream(file), "OTHER", "", "file", who);
    }

    private static byte[] png(int width) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, 20, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }
}
