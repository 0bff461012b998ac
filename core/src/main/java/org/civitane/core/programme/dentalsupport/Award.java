package org.civitane.core.programme.dentalsupport;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.civitane.core.amount.Instalments;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Rounding;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.programme.dentalsupport.DentalSupportCase.Child;
import org.civitane.core.programme.dentalsupport.DentalSupportCase.PayEvery;
import org.civitane.core.programme.dentalsupport.DentalSupportCase.Payout;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Value;

/** What a child gets, and on which days (chapter, Amount). */
final class Award {
    private static final int A_QUARTER = 3;

    private Award() {}

    /** A child's part of the tier: all of it, or half in shared care. */
    static Money of(Child child, Money tier) {
        return switch (child.care()) {
            case FULL -> tier;
            case SHARED -> tier.dividedBy(2, Money.CENT, Rounding.HALF_UP);
        };
    }

    /** The first day on which money goes out. */
    static LocalDate paidBy(DentalSupportCase file, DentalSupportPolicy policy) {
        return BusinessCalendar.plusBusinessDays(file.day(), isByCheque(file) ? policy.chequeDays : policy.payDays);
    }

    /** The payments of an amount: equal parts, of which the first takes what is left over. */
    static Value payments(DentalSupportCase file, Money amount, LocalDate paidBy) {
        List<LocalDate> days = days(file, paidBy);
        List<Money> parts = Instalments.firstTakesTheRest(amount, days.size());
        List<Value> payments = new ArrayList<>();
        for (int i = 0; i < days.size(); i++) {
            payments.add(new Value.Fields(Figures.builder(2)
                    .add("on", days.get(i))
                    .add("amount", parts.get(i))
                    .build()));
        }
        return new Value.Row(payments);
    }

    private static List<LocalDate> days(DentalSupportCase file, LocalDate paidBy) {
        List<LocalDate> days = new ArrayList<>();
        days.add(paidBy);
        PayEvery every = isByCheque(file) ? PayEvery.ONCE : file.payEvery().orElse(PayEvery.ONCE);
        if (every == PayEvery.ONCE) {
            return days;
        }
        LocalDate last = file.supportPeriod().to();
        LocalDate first = paidBy.withDayOfMonth(1).plusMonths(1);
        for (LocalDate day = first; !day.isAfter(last); day = day.plusMonths(1)) {
            boolean ofQuarter = day.getMonthValue() % A_QUARTER == 1
                    && !day.equals(file.supportPeriod().from());
            if (every == PayEvery.MONTHLY || ofQuarter) {
                days.add(BusinessCalendar.rolledForward(day));
            }
        }
        return days;
    }

    private static boolean isByCheque(DentalSupportCase file) {
        return file.payout().filter(Payout::cheque).isPresent();
    }
}
