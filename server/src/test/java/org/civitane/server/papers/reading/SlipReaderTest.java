package org.civitane.server.papers.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.civitane.server.papers.ShownValue;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Finding the figures of a pay slip, and a readable zone, among lines of text. */
public class SlipReaderTest {
    @DataProvider
    Object[][] slips() {
        return new Object[][] {
            {
                "Pay slip|Employer: Tarn Quay Bakery Lda|Employee: Runa Ostby|Pay period: 2026-10-26 to 2026-11-01|Paid on: 2026-11-02|Gross pay: 412.50|Gross year to date: 18,150.00",
                "Tarn Quay Bakery Lda",
                "2026-10-26",
                "2026-11-01",
                "412.50",
                "18150.00"
            },
            {
                "SKERROW FERRIES|Pay slip|Period 1 October 2026 – 31 October 2026|Date of payment 30.10.2026|Gross EUR 1.790,33|YTD 17.903,30",
                "SKERROW FERRIES",
                "2026-10-01",
                "2026-10-31",
                "1790.33",
                "17903.30"
            }
        };
    }

    @Test(dataProvider = "slips")
    public void figuresAreFoundHoweverTheyAreWritten(
            String lines, String employer, String from, String to, String gross, String yearToDate) {
        Map<String, String> found =
                SlipReader.read(lines(lines)).stream().collect(Collectors.toMap(Found::field, Found::value));
        assertThat(found)
                .containsEntry("employer", employer)
                .containsEntry("periodStart", from)
                .containsEntry("periodEnd", to)
                .containsEntry("gross", gross)
                .containsEntry("ytdGross", yearToDate);
    }

    @Test
    public void aPageWithoutGrossPayIsNoSlip() {
        assertThat(SlipReader.read(lines("Lease|Rent a month: 700.00|from 2026-01-01")))
                .isEmpty();
    }

    @Test
    public void aDateThatDoesNotExistIsNone() {
        assertThat(Written.days("31.02.2026, 29 February 2027 and 28 February 2027"))
                .containsExactly(LocalDate.of(2027, 2, 28));
        assertThat(Written.amount("ref 2026.11 no 1234")).contains("2026.11");
        assertThat(Written.amount("no amount here, 12")).isEmpty();
    }

    @Test
    public void aZoneIsFoundBetweenOtherLinesAndItsFillersAreCounted() {
        List<Found> found = ZoneReader.read(
                lines(
                        "Isles of Halvern|I<XHVH000204172<<<<<<<<<<<<|8803024<3103312XHV<<<<<<<<<<<6|OSTBY<<RUNA<MARIA<<<<<<<<<<<<|Page 1"),
                LocalDate.of(2026, 11, 24));
        assertThat(found).extracting(Found::field).containsExactly("name", "dateOfBirth", "expiresOn", "mrz");
        assertThat(found).extracting(Found::value).startsWith("RUNA MARIA OSTBY", "1988-03-02", "2031-03-31");
        assertThat(found.getLast().value().lines()).allMatch(line -> line.length() == 30);
    }

    private static List<Line> lines(String text) {
        return Arrays.stream(text.split("\\|"))
                .map(line -> new Line(line, 1, ShownValue.Box.NOWHERE))
                .toList();
    }
}
