package org.civitane.server.papers.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.civitane.server.papers.ShownValue;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A name that one knows, on papers that have no word for it; never one that is only spoken of. */
public class NameFinderTest {
    private static final List<String> NAMES = List.of("Runa Ostby", "Ívo Ostby-Lund");

    @DataProvider
    Object[][] pages() {
        return new Object[][] {
            {lines("Tarn Bank", "Ms Runa Ostby", "Skerry Lane 4", "Statement of 2026-11-02"), List.of("Runa Ostby")},
            {lines("OSTBY RUNA    Your statement", "Balance 640.15"), List.of("OSTBY RUNA")},
            {lines("Tarn Bank", "Ivo Ostby Lund"), List.of("Ivo Ostby Lund")},
            {lines("Tarn Bank", "Benedikt Storrud", "02.11. Transfer to Runa Ostby 20.00"), List.of()},
            {lines("Dear Runa Ostby, your balance is 640.15"), List.of()},
            {lines("Runa", "Ostby"), List.of()},
        };
    }

    @Test(dataProvider = "pages")
    public void isTakenWhereItStandsAlone(List<Line> page, List<String> expected) {
        assertThat(NameFinder.find(page, NAMES).stream().map(Found::value)).containsExactlyElementsOf(expected);
        assertThat(NameFinder.find(page, List.of())).isEmpty();
    }

    private static List<Line> lines(String... lines) {
        return Arrays.stream(lines)
                .map(text -> new Line(text, 1, ShownValue.Box.NOWHERE))
                .toList();
    }
}
