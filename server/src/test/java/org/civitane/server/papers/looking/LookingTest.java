package org.civitane.server.papers.looking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import javax.imageio.ImageIO;
import org.civitane.server.platform.Problem;
import org.springframework.util.unit.DataSize;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** What a look costs counts against the file; what the machine does beside it does not. */
class LookingTest {
    private static final Duration LONG = Duration.ofMinutes(3);
    private static final Duration NOTHING = Duration.ofMillis(1);
    private static final int SIDE = 4_000;

    private Path picture;

    @BeforeClass
    void aLargePicture() throws IOException {
        picture = Files.createTempFile("looking", ".png");
        ImageIO.write(new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
    }

    @AfterClass(alwaysRun = true)
    void remove() throws IOException {
        Files.deleteIfExists(picture);
    }

    @Test
    void whatTakesTooMuchProcessorTimeIsRefusedForGood() {
        Problem told = refused(NOTHING, LONG);
        assertThat(told.mayGoWellLater()).isFalse();
        assertThat(told).hasMessageContaining("takes too long to be looked at");
    }

    @Test
    void whatOnlyTheClockEndedSaysNothingAboutTheFile() {
        Problem told = refused(LONG, NOTHING);
        assertThat(told.mayGoWellLater()).isTrue();
        assertThat(told).hasMessageContaining("nothing wrong with it");
    }

    private Problem refused(Duration processorTime, Duration time) {
        Looking looking = new Looking(new LookingBounds(1, DataSize.ofMegabytes(384), processorTime, time, 5));
        try {
            return catchThrowableOfType(
                    Problem.class, () -> looking.picture(picture, "image/png", 1, SIDE, "a household"));
        } finally {
            looking.destroy();
        }
    }
}
