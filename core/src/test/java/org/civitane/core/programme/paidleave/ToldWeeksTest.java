package org.civitane.core.programme.paidleave;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.programme.Beyond;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.PaidFor;
import org.civitane.core.programme.paidleave.PaidLeaveCase.CareProvider;
import org.testng.annotations.Test;

/** The weeks of leave now and then whose hours are told, and what of them nobody certifies. */
public class ToldWeeksTest {
    private static final LocalDate WEEK = LocalDate.of(2026, 9, 21);

    @Test
    public void everyWeekOfLeaveNowAndThenIsToldAlsoOneThatNothingIsPlannedIn() {
        assertThat(weeks(nowAndThen())).containsExactly("2026-09-21", "2026-09-28", "2026-10-05");
    }

    @Test
    public void leaveAllTheTimeOrForFewerHoursIsNotTold() {
        assertThat(weeks(new Leave())).isEmpty();
        assertThat(weeks(new Leave().reducedTo("20"))).isEmpty();
    }

    @Test
    public void whatIsRefusedIsNotTold() {
        assertThat(weeks(nowAndThen().earnedOnly("2026Q1", "10.00"))).isEmpty();
    }

    @Test
    public void weeksThatWereOverWhenItWasAppliedForAreKnown() {
        Leave leave = nowAndThen();
        leave.receivedAt = LocalDate.of(2026, 9, 27).atTime(9, 0);
        assertThat(weeks(leave)).hasSize(3);
        leave.receivedAt = LocalDate.of(2026, 9, 28).atTime(9, 0);
        assertThat(weeks(leave)).containsExactly("2026-09-28", "2026-10-05");
    }

    @Test
    public void theEmployersOwnLeaveIsNotTold() {
        Leave leave = nowAndThen();
        leave.benefitsBegin = Optional.of(LocalDate.of(2026, 9, 30));
        assertThat(weeks(leave)).containsExactly("2026-09-28", "2026-10-05");
    }

    @Test
    public void moreHoursThanAreCertifiedAreBeyondAndAsManyAreNot() {
        assertThat(beyond(nowAndThen(), certified("4", "2026-10-09"))).isEmpty();
        Beyond beyond = beyond(nowAndThen(), certified("3.5", "2026-10-09")).orElseThrow();
        assertThat(Determined.text(beyond.told())).isEqualTo("4");
        assertThat(beyond.certified().map(Determined::text)).contains("3.5");
        assertThat(beyond.days()).isEmpty();
    }

    @Test
    public void aDayOutsideWhatIsCertifiedIsBeyondAlsoWhereNoHoursAre() {
        Beyond beyond = beyond(nowAndThen().missed("2026-09-24", "1"), certified("", "2026-09-23"))
                .orElseThrow();
        assertThat(beyond.certified()).isEmpty();
        assertThat(beyond.days()).containsExactly(LocalDate.of(2026, 9, 24));
    }

    @Test
    public void whereNothingIsCertifiedNothingIsBeyond() {
        assertThat(beyond(nowAndThen(), Optional.empty())).isEmpty();
        assertThat(beyond(nowAndThen(), certified("1", "2026-09-01").map(ToldWeeksTest::refusing)))
                .isEmpty();
    }

    private static Leave nowAndThen() {
        return new Leave().to("2026-10-09").missed("2026-09-22", "4").missed("2026-10-06", "8");
    }

    private static List<String> weeks(Leave leave) {
        return new PaidLeave()
                .toldWeeks(leave.file(), leave.determined()).stream()
                        .map(PaidFor.Week::toString)
                        .toList();
    }

    private static Optional<Beyond> beyond(Leave leave, Optional<CareProvider> provider) {
        leave.careProvider = provider;
        return new PaidLeave().beyondCertified(leave.file(), new PaidFor.Week(WEEK));
    }

    private static Optional<CareProvider> certified(String hours, String until) {
        return Optional.of(new CareProvider(
                "Tarn Practice",
                Optional.empty(),
                Optional.of(CareProvider.Needed.YES),
                Optional.of(WEEK),
                Optional.of(LocalDate.parse(until)),
                Optional.of(hours).filter(text -> !text.isEmpty()).map(Hundredths::parse),
                Optional.empty()));
    }

    private static CareProvider refusing(CareProvider provider) {
        return new CareProvider(
                provider.name(),
                provider.askedOn(),
                Optional.of(CareProvider.Needed.NO),
                provider.from(),
                provider.until(),
                provider.careHours(),
                provider.often());
    }
}
