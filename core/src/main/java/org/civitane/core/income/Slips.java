package org.civitane.core.income;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Rounding;

/**
 * The pay slips of one source, by period.
 *
 * @param recent those that still count
 * @param stale how many are too old
 */
record Slips(List<PaySlip> recent, int stale) {
    private static final int OLDEST_DAYS = 92;
    private static final int MONTHS = 12;
    private static final int DAYS_IN_YEAR = 365;

    static Slips of(List<PaySlip> slips, LocalDate receivedOn) {
        LocalDate oldest = receivedOn.minusDays(OLDEST_DAYS);
        List<PaySlip> recent = slips.stream()
                .filter(slip -> !slip.periodEnd().isBefore(oldest))
                .sorted(Comparator.comparing(PaySlip::periodStart).thenComparing(PaySlip::periodEnd))
                .toList();
        return new Slips(recent, slips.size() - recent.size());
    }

    /** The rhythm they all fit; empty when there is no slip. */
    Optional<PayRhythm> rhythm() {
        List<PayRhythm> different =
                recent.stream().map(PaySlip::rhythm).distinct().toList();
        return switch (different.size()) {
            case 0 -> Optional.empty();
            case 1 -> Optional.of(different.getFirst());
            default -> Optional.of(PayRhythm.IRREGULAR);
        };
    }

    /** The monthly figure: the mean in its rhythm, or by days where there is none; half up to the cent once. */
    Optional<Money> monthly() {
        return rhythm().map(rhythm -> {
            Money total = recent.stream().map(PaySlip::gross).reduce(Money.ZERO, Money::plus);
            return rhythm.frequency()
                    .map(frequency -> total.share(
                            frequency.perYear(), (long) MONTHS * recent.size(), Money.CENT, Rounding.HALF_UP))
                    .orElseGet(() -> total.share(DAYS_IN_YEAR, MONTHS * days(), Money.CENT, Rounding.HALF_UP));
        });
    }

    /** How many neighbouring periods do not join. */
    int gaps() {
        int gaps = 0;
        for (int i = 1; i < recent.size(); i++) {
            boolean joins = recent.get(i)
                    .periodStart()
                    .equals(recent.get(i - 1).periodEnd().plusDays(1));
            gaps += joins ? 0 : 1;
        }
        return gaps;
    }

    /**
     * What the year-to-date figures say was paid beyond the slips, in the year of the last slip that has one; below 0
     * when the slips show more.
     */
    Money hiddenPay() {
        int last = lastWithYearToDate();
        if (last < 0) {
            return Money.ZERO;
        }
        int year = recent.get(last).payDate().getYear();
        int first = 0;
        while (recent.get(first).ytdGross().isEmpty()
                || recent.get(first).payDate().getYear() != year) {
            first++;
        }
        if (first == last) {
            return Money.ZERO;
        }
        Money between =
                recent.subList(first + 1, last + 1).stream().map(PaySlip::gross).reduce(Money.ZERO, Money::plus);
        return yearToDate(last).minus(yearToDate(first)).minus(between);
    }

    private int lastWithYearToDate() {
        int last = recent.size() - 1;
        while (last >= 0 && recent.get(last).ytdGross().isEmpty()) {
            last--;
        }
        return last;
    }

    private Money yearToDate(int slip) {
        return recent.get(slip).ytdGross().orElseThrow();
    }

    private long days() {
        return recent.stream().mapToLong(PaySlip::days).sum();
    }
}
