package org.civitane.core.income;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Rounding;
import org.civitane.core.casefile.Facts;

/** The wages of a household in three views: stated, shown by pay slips, on record (rulebook, income reconciliation). */
public record Reconciliation(
        LocalDate receivedOn, List<StatedWages> stated, List<PaySlip> slips, WageRegister register) {
    private static final int MONTHS_ON_RECORD = 3;

    /** @throws org.civitane.core.casefile.InvalidFact when two stated lines have the same id */
    public Reconciliation {
        stated = List.copyOf(stated);
        slips = List.copyOf(slips);
        Facts.checkUnique("/stated", stated, StatedWages::id);
    }

    /** What is known of one source, as given. */
    private static final class Views {
        private final String employer;
        private final List<Money> statedAnnual = new ArrayList<>();
        private final List<PaySlip> slips = new ArrayList<>();
        private final List<Money> reported = new ArrayList<>();

        Views(String employer) {
            this.employer = employer;
        }
    }

    /** Every source of wages for which any view has a figure, by member and employer. */
    public List<ReconciledSource> sources() {
        Map<Source, Views> bySource = new TreeMap<>(Source.ORDER);
        for (StatedWages line : stated) {
            Views views = viewsOf(line.member(), line.employer(), bySource);
            views.statedAnnual.add(line.frequency().annual(line.amount()));
        }
        for (PaySlip slip : slips) {
            viewsOf(slip.member(), slip.employer(), bySource).slips.add(slip);
        }
        for (WageRegister.Entry entry : register.entries()) {
            Views views = viewsOf(entry.member(), entry.employer(), bySource);
            if (isOnRecord(entry.month())) {
                views.reported.add(entry.gross());
            }
        }
        return bySource.entrySet().stream()
                .map(entry -> reconciled(entry.getKey(), entry.getValue()))
                .filter(ReconciledSource::isKnown)
                .toList();
    }

    /** Whether two names of employers stand for one and the same: equal but for spelling and legal form. */
    public static boolean isSameEmployer(String one, String other) {
        return Source.of("", one).equals(Source.of("", other));
    }

    /** Whether the register did not answer. */
    public boolean isRegisterUnavailable() {
        return register instanceof WageRegister.Unavailable;
    }

    /** The employer is written as it was first written: stated before slips before the register. */
    private static Views viewsOf(String member, String employer, Map<Source, Views> bySource) {
        return bySource.computeIfAbsent(Source.of(member, employer), source -> new Views(employer));
    }

    private boolean isOnRecord(YearMonth month) {
        YearMonth received = YearMonth.from(receivedOn);
        return month.isBefore(received) && !month.isBefore(received.minusMonths(MONTHS_ON_RECORD));
    }

    private ReconciledSource reconciled(Source source, Views views) {
        Optional<Money> statedMonthly =
                views.statedAnnual.isEmpty() ? Optional.empty() : Optional.of(Frequency.monthly(views.statedAnnual));
        Optional<Money> onRecord = views.reported.isEmpty()
                ? Optional.empty()
                : Optional.of(views.reported.stream()
                        .reduce(Money.ZERO, Money::plus)
                        .dividedBy(MONTHS_ON_RECORD, Money.CENT, Rounding.HALF_UP));
        return ReconciledSource.of(
                source.member(), views.employer, statedMonthly, Slips.of(views.slips, receivedOn), onRecord);
    }
}
