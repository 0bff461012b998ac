package org.civitane.core.programme.valuationreview;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Rounding;

/** Brings a price to the valuation date. */
final class TimeAdjustment {
    private static final long ALL = 10_000;

    private TimeAdjustment() {}

    /** Price × (1 + trend × whole months), half up to the cent; months are 0 for a sale on or after the date. */
    static Money of(Money price, LocalDate saleOn, LocalDate valuationDate, ValuationReviewPolicy policy) {
        long months = Math.max(0, ChronoUnit.MONTHS.between(saleOn, valuationDate));
        long factor = ALL + Math.multiplyExact(policy.monthlyTrend.hundredths(), months);
        return price.share(factor, ALL, Money.CENT, Rounding.HALF_UP);
    }
}
