package org.civitane.core.programme.paidleave;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;

/** The days on which two leaves of one worker miss more hours than there are. */
public class OverlapTest {
    @Test
    public void twoLeavesAllOfTheTimeOverlapOnTheDaysThatAreWorkedInBoth() {
        assertThat(overlap(
                        new Leave().from("2026-09-21").to("2026-09-29"),
                        new Leave().from("2026-09-25").to("2026-10-16")))
                .containsExactly("2026-09-25", "2026-09-28", "2026-09-29");
    }

    @Test
    public void oneAfterTheOtherDoesNot() {
        assertThat(overlap(
                        new Leave().from("2026-09-21").to("2026-09-27"),
                        new Leave().from("2026-09-28").to("2026-10-04")))
                .isEmpty();
    }

    @Test
    public void twoHalvesOfADayGoTogetherAndMoreThanADayDoesNot() {
        Leave half = new Leave().from("2026-09-21").to("2026-09-22").reducedTo("20");
        assertThat(overlap(half, new Leave().from("2026-09-21").to("2026-09-22").reducedTo("20")))
                .isEmpty();
        assertThat(overlap(half, new Leave().from("2026-09-21").to("2026-09-22").reducedTo("19.9")))
                .containsExactly("2026-09-21", "2026-09-22");
    }

    @Test
    public void singleDaysOverlapOnlyWhereTheyAre() {
        Leave single = new Leave().from("2026-09-21").to("2026-10-16").missed("2026-09-23", "1");
        assertThat(overlap(single, new Leave().from("2026-09-21").to("2026-09-29")))
                .containsExactly("2026-09-23");
        assertThat(overlap(single, new Leave().from("2026-09-24").to("2026-09-29")))
                .isEmpty();
    }

    @Test
    public void theEmployersOwnLeaveDoesNotCountAndTooLittleSaidIsNoOverlap() {
        Leave later = new Leave().from("2026-09-21").to("2026-09-29");
        later.benefitsBegin = Optional.of(LocalDate.of(2026, 9, 29));
        assertThat(overlap(later, new Leave().from("2026-09-21").to("2026-09-29")))
                .containsExactly("2026-09-29");
        later.pattern = Optional.empty();
        assertThat(overlap(later, new Leave())).isEmpty();
        assertThat(overlap(new Leave(), later)).isEmpty();
    }

    private static List<String> overlap(Leave one, Leave other) {
        return new PaidLeave()
                .overlap(one.file(), other.file()).stream()
                        .map(LocalDate::toString)
                        .toList();
    }
}
