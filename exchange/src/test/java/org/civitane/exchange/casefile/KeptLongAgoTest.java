package org.civitane.exchange.casefile;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Determination;
import org.civitane.core.reasoning.Reader;
import org.civitane.core.reasoning.Step;
import org.civitane.core.reasoning.Wording;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * What was determined under an earlier version is told from what was kept then, in the words of today: a step whose words
 * have a new place leaves it out, and no step ever loses its words. Each folder holds, by the day of a version, a step of
 * every code that its examples had.
 */
public class KeptLongAgoTest {
    private static final Path KEPT = Path.of("src", "test", "resources", "kept");

    @DataProvider
    Object[][] kept() throws IOException {
        try (Stream<Path> files = Files.walk(KEPT)) {
            return files.filter(file -> file.toString().endsWith(".json"))
                    .sorted()
                    .map(file -> new Object[] {KEPT.relativize(file).toString(), file})
                    .toArray(Object[][]::new);
        }
    }

    @Test(dataProvider = "kept")
    public void everyStepIsStillASentence(String version, Path file) throws IOException {
        Determination determined = KeptDeterminations.read(Files.readString(file));
        Wording wording = Catalogue.named(determined.programme()).wording(Locale.ENGLISH);
        List.of(wording, wording.readBy(Reader.OFFICE))
                .forEach(words -> determined.reasons().forEach(step -> check(version, step, words)));
    }

    private static void check(String version, Step step, Wording wording) {
        assertThat(wording.sentence(step))
                .as(version + " " + step.code())
                .isNotBlank()
                .doesNotContain("{", "[");
        step.steps().forEach(lower -> check(version, lower, wording));
    }
}
