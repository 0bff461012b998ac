package org.civitane.core.programme.housinglist;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.civitane.core.programme.housinglist.WantedList.ByKind;
import org.testng.annotations.Test;

/** A draw that anyone can make again. */
public class RankingTest {
    private static final ByKind NONE = new ByKind(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    @Test
    public void theDrawValueIsThatOfSha256sum() {
        assertThat(Ranking.drawOf(byDraw(Optional.of("skerry-2026-11")), "HL-000123"))
                .hasValueSatisfying(value -> assertThat(value).hasSize(64).startsWith("833bd5851866"));
    }

    @Test
    public void withoutASeedThereIsNoDraw() {
        assertThat(Ranking.drawOf(byDraw(Optional.empty()), "HL-000123")).isEmpty();
    }

    private static WantedList byDraw(Optional<String> seed) {
        return new WantedList(
                "skerry",
                LocalDateTime.of(2026, 9, 1, 0, 0),
                Optional.empty(),
                List.of(1),
                100,
                NONE,
                Optional.empty(),
                false,
                true,
                seed,
                Optional.empty(),
                Optional.empty());
    }
}
