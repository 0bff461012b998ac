package org.civitane.server.papers.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.civitane.server.papers.ShownValue;
import org.testng.annotations.Test;

/** What is easily misread in a zone is mended; what is wrong in it is not. */
public class ZoneReaderTest {
    private static final LocalDate ON = LocalDate.of(2026, 11, 20);
    private static final String NAME = "P<XHVTEIXEIRA<DAHL<<THORA<<<<<<<<<<<<<<<<<<<";

    @Test
    public void aLetterWhereOnlyADigitCanStandIsThatDigit() {
        assertThat(zone(NAME, "H004123450XHV9507177<3105032<<<<<<<<<<<<<<<Q"))
                .isEqualTo(NAME + "\nH004123450XHV9507177<3105032<<<<<<<<<<<<<<<0");
        assertThat(zone(NAME, "HOO4123450XHV95O7I77<31O5O32<<<<<<<<<<<<<<<0"))
                .isEqualTo(NAME + "\nH004123450XHV9507177<3105032<<<<<<<<<<<<<<<0");
    }

    @Test
    public void behindThreeFillersNothingButFillersIsRead() {
        String said = "H004123450XHV9507177<3105032<<<<<<<<<<<<<<<0";
        assertThat(zone("P<XHVTEIXEIRA<DAHL<<THORA<<<<LLLLKLL<LL<<<C<", said)).isEqualTo(NAME + "\n" + said);
    }

    @Test
    public void aWrongDigitStaysWrong() {
        assertThat(zone(NAME, "H004123450XHV9507178<3105032<<<<<<<<<<<<<<<0")).contains("9507178");
    }

    @Test
    public void oneLineAloneIsNoZoneButIsSeenAsAPartOfOne() {
        assertThat(ZoneReader.read(lines(NAME), ON)).isEmpty();
        assertThat(ZoneReader.partOf(lines("Date of expiry: 3 May 2031", NAME)))
                .singleElement()
                .satisfies(found -> assertThat(found.value()).isEqualTo(NAME));
    }

    private static String zone(String... lines) {
        return ZoneReader.read(lines(lines), ON).stream()
                .filter(found -> found.field().equals("mrz"))
                .findFirst()
                .orElseThrow()
                .value();
    }

    private static List<Line> lines(String... texts) {
        return Stream.of(texts)
                .map(text -> new Line(text, 1, ShownValue.Box.NOWHERE))
                .toList();
    }
}
