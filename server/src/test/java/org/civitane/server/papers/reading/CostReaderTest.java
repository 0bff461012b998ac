package org.civitane.server.papers.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.civitane.server.papers.ShownValue;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CostReaderTest {
    @DataProvider
    Object[][] papers() {
        return new Object[][] {
            {
                List.of("Lease", "Skerry Homes", "Tenant: Runa Ostby", "Issued 2026-03-01", "Rent a month: 1,043.50"),
                List.of("name Runa Ostby", "issuedOn 2026-03-01", "amount 1043.50")
            },
            {
                List.of("Account statement", "Name: Ivo Moe", "Date: 2 March 2026", "Balance 640.15"),
                List.of("name Ivo Moe", "issuedOn 2026-03-02", "amount 640.15")
            },
            {List.of("Receipt", "Care, each week: 45.00"), List.of("amount 45.00")},
            {List.of("Dear tenant", "the rent is due soon"), List.of()},
            {List.of("12.00"), List.of()}
        };
    }

    @Test(dataProvider = "papers")
    public void findsWhoseItIsItsDayAndTheOneAmount(List<String> lines, List<String> expected) {
        assertThat(CostReader.read(page(lines.toArray(String[]::new))))
                .extracting(found -> found.field() + " " + found.value())
                .containsExactlyElementsOf(expected);
    }

    private static List<Line> page(String... lines) {
        return Arrays.stream(lines)
                .map(text -> new Line(text, 1, ShownValue.Box.NOWHERE))
                .toList();
    }
}
