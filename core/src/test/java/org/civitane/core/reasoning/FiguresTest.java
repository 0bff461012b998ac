package org.civitane.core.reasoning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import org.civitane.core.amount.Money;
import org.testng.annotations.Test;

public class FiguresTest {
    @Test
    public void keepTheirOrderAndEqualOtherMaps() {
        Figures figures = Figures.builder(1)
                .add("b", Money.EURO)
                .add("a", 2)
                .add("c", true)
                .build();
        assertThat(figures.keySet()).containsExactly("b", "a", "c");
        assertThat(figures)
                .isEqualTo(Map.of("a", Value.of(2), "b", Value.of(Money.EURO), "c", Value.of(true)))
                .hasSameHashCodeAs(Map.of("a", Value.of(2), "b", Value.of(Money.EURO), "c", Value.of(true)));
        assertThat(figures.get("nothing")).isNull();
        assertThat(figures.with("d", Value.of("e"))).hasSize(4).containsKey("d");
        assertThat(Figures.copyOf(Map.of())).isEqualTo(Figures.NONE);
    }

    @Test
    public void textsAreSortedByCodePoint() {
        SortedSet<String> sorted = CodePoints.sortedSet();
        sorted.addAll(List.of("b", "B", "a:10", "a:2", "\uFF5E", "\uD83D\uDE00", "a"));
        assertThat(sorted).containsExactly("B", "a", "a:10", "a:2", "b", "\uFF5E", "\uD83D\uDE00");
    }
}
