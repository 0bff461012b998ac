package org.civitane.core.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.testng.annotations.Test;

/** Deadlines and what more time does to them (rulebook 0.3). */
public class DeadlineTest {
    private static final LocalDate THURSDAY = LocalDate.of(2026, 12, 3);
    private static final Deadline.Allowance TWICE = new Deadline.Allowance(2, 10);

    @Test
    public void anExtensionIsCountedFromTheOldDeadlineAndRolledForward() {
        Deadline once = Deadline.on(THURSDAY).extended(asked(9));
        assertThat(once.day()).isEqualTo(LocalDate.of(2026, 12, 14));
        Deadline twice = once.extended(asked(10));
        assertThat(twice.day()).as("24 December is a business day").isEqualTo(LocalDate.of(2026, 12, 24));
        assertThat(Deadline.on(THURSDAY).extended(asked(22)).day())
                .as("25 December is a holiday, then a weekend")
                .isEqualTo(LocalDate.of(2026, 12, 28));
    }

    @Test
    public void itCanBeExtendedOnItsLastDayButNotAfterIt() {
        Deadline deadline = Deadline.on(THURSDAY);
        assertThat(deadline.refusal(10, THURSDAY, TWICE)).isEmpty();
        assertThat(deadline.refusal(10, THURSDAY.plusDays(1), TWICE)).contains(Deadline.Refusal.PASSED);
    }

    @Test
    public void onlySoOftenAndSoLong() {
        Deadline deadline = Deadline.on(THURSDAY);
        assertThat(deadline.refusal(11, THURSDAY, TWICE)).contains(Deadline.Refusal.TOO_LONG);
        Deadline twice = deadline.extended(asked(1)).extended(asked(1));
        assertThat(twice.refusal(1, THURSDAY, TWICE)).contains(Deadline.Refusal.TOO_OFTEN);
        assertThat(twice.extensions()).hasSize(2);
    }

    @Test
    public void whoAskedAndWhyIsPartOfIt() {
        assertThatThrownBy(() -> new Deadline.Extension(" ", "ill", 5)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Deadline.Extension("Runa", "", 5)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Deadline.Extension("Runa", "ill", 0)).hasMessageContaining("0");
    }

    private static Deadline.Extension asked(int days) {
        return new Deadline.Extension("Runa Ostby", "The employer is slow.", days);
    }
}
