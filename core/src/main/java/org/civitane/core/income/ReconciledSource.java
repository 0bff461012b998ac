package org.civitane.core.income;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.civitane.core.amount.Money;

/**
 * The three views of one source of wages, and what they say together.
 *
 * @param employer as first written
 * @param stated monthly; empty when nothing is stated
 * @param shown monthly; empty when no slip counts
 * @param onRecord monthly; empty when the register has nothing in the months that count
 * @param rhythm of the slips
 * @param gaps between the slips
 * @param stale slips that were too old to count
 * @param hiddenPay what the year-to-date figures say beyond the slips
 * @param accepted the monthly figure that can be used without asking; empty when it cannot be told
 */
public record ReconciledSource(
        String member,
        String employer,
        Optional<Money> stated,
        Optional<Money> shown,
        Optional<Money> onRecord,
        Optional<PayRhythm> rhythm,
        int gaps,
        int stale,
        Money hiddenPay,
        Verdict verdict,
        Optional<Money> accepted) {
    private static final Money SMALL = Money.ofEuros(25);
    private static final int PERCENT = 5;
    private static final int ALL = 100;

    /** What three views say together, the first that applies. */
    public enum Verdict {
        UNDISCLOSED,
        UNSUPPORTED,
        HIDDEN_PAY,
        AGREED,
        OUTDATED_RECORD,
        MISSTATED,
        DISPUTED
    }

    static ReconciledSource of(
            String member, String employer, Optional<Money> stated, Slips slips, Optional<Money> onRecord) {
        Optional<Money> shown = slips.monthly();
        Money hidden = slips.hiddenPay();
        Verdict verdict = verdict(stated, shown, onRecord, hidden);
        Optional<Money> accepted = switch (verdict) {
            case AGREED -> shown.or(() -> onRecord);
            case OUTDATED_RECORD, MISSTATED -> shown;
            case UNDISCLOSED, UNSUPPORTED, HIDDEN_PAY, DISPUTED -> Optional.empty();
        };
        return new ReconciledSource(
                member,
                employer,
                stated,
                shown,
                onRecord,
                slips.rhythm(),
                slips.gaps(),
                slips.stale(),
                hidden,
                verdict,
                accepted);
    }

    /** Whether two figures agree: apart by no more than 25.00 or 5 % of the larger, exactly. */
    public static boolean agree(Money one, Money other) {
        Money apart = Money.ofCents(Math.abs(one.minus(other).cents()));
        return apart.within(SMALL) || apart.times(ALL).within(one.atLeast(other).times(PERCENT));
    }

    /** Whether any view has a figure. */
    boolean isKnown() {
        return stated.isPresent() || shown.isPresent() || onRecord.isPresent();
    }

    private static Verdict verdict(
            Optional<Money> stated, Optional<Money> shown, Optional<Money> onRecord, Money hidden) {
        if (stated.isEmpty()) {
            return Verdict.UNDISCLOSED;
        }
        if (shown.isEmpty() && onRecord.isEmpty()) {
            return Verdict.UNSUPPORTED;
        }
        if (Money.ofCents(Math.abs(hidden.cents())).over(SMALL)) {
            return Verdict.HIDDEN_PAY;
        }
        List<Money> present =
                Stream.of(stated, shown, onRecord).flatMap(Optional::stream).toList();
        if (present.stream().allMatch(one -> present.stream().allMatch(other -> agree(one, other)))) {
            return Verdict.AGREED;
        }
        if (bothAgree(stated, shown)) {
            return Verdict.OUTDATED_RECORD;
        }
        return bothAgree(shown, onRecord) ? Verdict.MISSTATED : Verdict.DISPUTED;
    }

    private static boolean bothAgree(Optional<Money> one, Optional<Money> other) {
        return one.flatMap(left -> other.filter(right -> agree(left, right))).isPresent();
    }
}
