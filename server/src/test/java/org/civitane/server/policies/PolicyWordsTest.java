package org.civitane.server.policies;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.civitane.exchange.policy.ShippedPolicy;
import org.testng.annotations.Test;

/** The rulebook's figures as people read them. */
public class PolicyWordsTest {
    private final List<PolicyWords.PolicyTable> tables = PolicyWords.of(ShippedPolicy.versions());

    @Test
    public void everyFigureHasWordsAndAParagraph() {
        assertThat(tables).allSatisfy(table -> {
            assertThat(table.title()).as(table.id()).isNotEqualTo(table.id());
            assertThat(table.figures()).allSatisfy(figure -> {
                assertThat(figure.paragraph()).as(figure.label()).isNotBlank();
                assertThat(figure.label()).contains(" ");
            });
        });
    }

    @Test
    public void versionsStandSideBySideWithTheirUnits() {
        PolicyWords.PolicyTable line = tables.stream()
                .filter(table -> table.id().equals("subsistence-line"))
                .findFirst()
                .orElseThrow();
        assertThat(line.effective()).isSortedAccordingTo(java.util.Comparator.reverseOrder());
        assertThat(line.figures())
                .filteredOn(figure -> figure.label().startsWith("A year"))
                .singleElement()
                .extracting(PolicyWords.PolicyFigure::values)
                .isEqualTo(List.of("€14,880.00", "€14,400.00"));
    }
}
