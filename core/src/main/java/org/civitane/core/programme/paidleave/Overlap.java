package org.civitane.core.programme.paidleave;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.programme.DayPlan;
import org.civitane.core.reasoning.Value;

/** Two leaves of one worker: on no day can more hours be missed than there are. */
final class Overlap {
    private Overlap() {}

    /** The days on which both together miss more hours than the first has scheduled. */
    static List<LocalDate> days(PaidLeaveCase file, PaidLeaveCase other) {
        Optional<HoursAway> mine = away(file);
        Optional<HoursAway> theirs = away(other);
        if (mine.isEmpty() || theirs.isEmpty()) {
            return List.of();
        }
        HoursAway one = mine.get();
        HoursAway two = theirs.get();
        LocalDate from = one.from().isAfter(two.from()) ? one.from() : two.from();
        LocalDate to = one.to().isBefore(two.to()) ? one.to() : two.to();
        return from.isAfter(to)
                ? List.of()
                : from.datesUntil(to.plusDays(1))
                        .limit(DayPlan.MOST_DAYS)
                        .filter(day -> one.on(day) > 0 && two.on(day) > 0)
                        .filter(day -> hours(one, day)
                                        .add(hours(two, day))
                                        .compareTo(file.schedule()
                                                .getOrDefault(day.getDayOfWeek(), Hundredths.ZERO)
                                                .toDecimal())
                                > 0)
                        .toList();
    }

    private static BigDecimal hours(HoursAway away, LocalDate day) {
        return ((Value.Decimal) away.inHours(away.on(day))).number();
    }

    private static Optional<HoursAway> away(PaidLeaveCase file) {
        return PaidLeavePlan.isDrawable(file) ? Optional.of(HoursAway.of(file)) : Optional.empty();
    }
}
