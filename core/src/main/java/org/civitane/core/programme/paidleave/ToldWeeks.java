package org.civitane.core.programme.paidleave;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.programme.Beyond;
import org.civitane.core.programme.PaidFor;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Pattern;
import org.civitane.core.reasoning.Value;

/** Leave now and then is granted on hours that were planned; what was missed in each week is told once it is over. */
final class ToldWeeks {
    private static final int LAST_DAY = 6;

    private ToldWeeks() {}

    /** Every week of the leave that was not over when it was applied for: of one that was, the hours were known. */
    static List<PaidFor.Week> of(PaidLeaveCase file) {
        if (!file.pattern().equals(Optional.of(Pattern.INTERMITTENT))) {
            return List.of();
        }
        HoursAway away = HoursAway.of(file);
        LocalDate first = LeaveYear.mondayOf(away.from());
        return Stream.iterate(first, monday -> !monday.isAfter(away.to()), monday -> monday.plusWeeks(1))
                .filter(monday ->
                        !monday.plusDays(LAST_DAY).isBefore(file.receivedAt().toLocalDate()))
                .map(PaidFor.Week::new)
                .toList();
    }

    /** What a week has beyond the hours and the days that whoever gives the care certifies. */
    static Optional<Beyond> beyond(PaidLeaveCase file, PaidFor.Week week) {
        return file.careProvider()
                .filter(PaidLeaveCase.CareProvider::certifies)
                .flatMap(provider -> beyond(file, week.monday(), provider));
    }

    private static Optional<Beyond> beyond(PaidLeaveCase file, LocalDate monday, PaidLeaveCase.CareProvider provider) {
        HoursAway away = HoursAway.of(file);
        List<LocalDate> days = monday.datesUntil(monday.plusWeeks(1)).toList();
        Value.Decimal told =
                (Value.Decimal) away.inHours(days.stream().mapToLong(away::on).sum());
        List<LocalDate> uncertified = days.stream()
                .filter(day -> away.on(day) > 0 && !provider.covers(day))
                .toList();
        Optional<BigDecimal> most = provider.careHours().map(Hundredths::toDecimal);
        boolean isMore =
                most.filter(hours -> hours.compareTo(told.number()) < 0).isPresent();
        return isMore || !uncertified.isEmpty()
                ? Optional.of(new Beyond(told, most.map(HoursAway::hours), uncertified))
                : Optional.empty();
    }
}
