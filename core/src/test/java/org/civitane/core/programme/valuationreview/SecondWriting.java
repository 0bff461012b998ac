package org.civitane.core.programme.valuationreview;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Comparable;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Reason;

/**
 * What the chapter says under Comparables, Evidence of value and Decided, written a second time, over decimals and
 * without regard to speed, so that the rules can be held against it. It knows complete cases, handed in in time.
 */
final class SecondWriting {
    private static final BigDecimal FIVE_HUNDRED = new BigDecimal(500);

    private final ValuationReviewCase file;
    private final LocalDate valued;
    private final Attributes parcel;
    private final List<Sold> sold = new ArrayList<>();

    /** A comparable as the chapter compares it. */
    private record Sold(
            String id,
            List<String> faults,
            BigDecimal timeAdjusted,
            List<BigDecimal> adjustments,
            BigDecimal adjusted,
            BigDecimal gross,
            BigDecimal net) {
        List<String> told() {
            return List.of(
                    id,
                    faults.toString(),
                    text(timeAdjusted),
                    adjustments.stream().map(SecondWriting::text).toList().toString(),
                    text(adjusted),
                    text(gross),
                    text(net));
        }
    }

    /** What the chapter comes to, as a test asks for it. */
    record Said(String comparables, String indicated, String evidence, String outcome, boolean hearing) {}

    private SecondWriting(ValuationReviewCase file) {
        this.file = file;
        this.valued = LocalDate.of(file.parcel().taxYear(), 1, 1);
        this.parcel = file.corrected();
    }

    static Said of(ValuationReviewCase file) {
        return new SecondWriting(file).write();
    }

    private Said write() {
        file.comparables().forEach(each -> sold.add(compare(each)));
        List<Sold> usable =
                sold.stream().filter(each -> each.faults().isEmpty()).toList();
        Optional<BigDecimal> indicated = usable.isEmpty() ? Optional.empty() : Optional.of(indicated(usable));
        String evidence = "NONE";
        BigDecimal value = new BigDecimal(file.parcel().assessed().toString());
        if (usable.size() >= 3 && says(Reason.COMPARABLE_SALES)) {
            evidence = "COMPARABLES";
            value = indicated.orElseThrow();
        } else if (appraised()) {
            evidence = "APPRAISAL";
            value = rounded(
                    new BigDecimal(file.appraisal().orElseThrow().value().toString()));
        } else if (bought()) {
            evidence = "PURCHASE";
            var purchase = file.purchase().orElseThrow();
            value = rounded(timeAdjusted(new BigDecimal(purchase.price().toString()), purchase.on()));
        } else if (!usable.isEmpty() && says(Reason.COMPARABLE_SALES)) {
            evidence = "FEW_COMPARABLES";
            value = indicated.orElseThrow();
        } else if (says(Reason.WRONG_DETAILS) && file.correctAttributes().isPresent()) {
            evidence = "CORRECTED_DETAILS";
            value = rounded(value.add(sum(differences(parcel, file.parcel().attributes()))));
        }
        return decided(indicated, evidence, value);
    }

    private Said decided(Optional<BigDecimal> indicated, String evidence, BigDecimal evidenceValue) {
        BigDecimal assessed = new BigDecimal(file.parcel().assessed().toString());
        BigDecimal requested = new BigDecimal(file.requested().orElseThrow().toString());
        BigDecimal value = evidenceValue.max(rounded(requested));
        boolean upheld = evidenceValue.compareTo(assessed.multiply(new BigDecimal("0.95"))) >= 0
                || value.compareTo(assessed) >= 0;
        value = upheld ? assessed : value;
        BigDecimal reduction = assessed.subtract(value);
        BigDecimal saved = reduction.multiply(new BigDecimal("0.0112")).setScale(2, RoundingMode.HALF_UP);
        boolean hearing =
                file.hearing() && value.subtract(requested).compareTo(assessed.multiply(new BigDecimal("0.05"))) > 0;
        return new Said(
                sold.stream().map(Sold::told).toList().toString(),
                indicated.map(SecondWriting::text).orElse("absent"),
                evidence + " " + text(evidenceValue),
                (upheld ? "UPHELD " : "REDUCED ") + evidence + " value " + text(value) + " reduction " + text(reduction)
                        + " taxSaved " + text(saved),
                hearing);
    }

    private Sold compare(Comparable each) {
        BigDecimal price = timeAdjusted(new BigDecimal(each.price().toString()), each.saleOn());
        List<BigDecimal> adjustments = differences(parcel, each.attributes());
        BigDecimal gross = percent(sum(adjustments.stream().map(BigDecimal::abs).toList()), price);
        List<String> faults = faults(each);
        if (gross.compareTo(new BigDecimal("40.00")) > 0) {
            faults.add("TOO_DIFFERENT");
        }
        BigDecimal all = sum(adjustments);
        return new Sold(each.id(), faults, price, adjustments, price.add(all), gross, percent(all, price));
    }

    private List<String> faults(Comparable each) {
        List<String> faults = new ArrayList<>();
        if (each.parcelClass() != file.parcel().parcelClass()) {
            faults.add("CLASS");
        }
        if (!each.openMarket()) {
            faults.add("NOT_OPEN_MARKET");
        }
        if (each.saleOn().isAfter(valued) || each.saleOn().isBefore(valued.minusMonths(24))) {
            faults.add("SALE_DATE");
        }
        if (Math.hypot(
                        each.east() - file.parcel().east(),
                        each.north() - file.parcel().north())
                > 5_000) {
            faults.add("FAR");
        }
        boolean floor = parcel.floorArea().isPresent();
        int own = (floor ? parcel.floorArea() : parcel.lotArea()).orElse(0);
        int other = (floor ? each.attributes().floorArea() : each.attributes().lotArea()).orElse(0);
        if (other == 0 || other * 100L < own * 65L || other * 100L > own * 135L) {
            faults.add("SIZE");
        }
        return faults;
    }

    /** One attribute after the other, in the chapter's order; years count twenty at most. */
    private static List<BigDecimal> differences(Attributes mine, Attributes theirs) {
        int years = mine.yearBuilt().orElse(0) - theirs.yearBuilt().orElse(0);
        return List.of(
                worth(mine.floorArea(), theirs.floorArea(), 900),
                worth(mine.lotArea(), theirs.lotArea(), 12),
                worth(Optional.of(Math.min(20, Math.max(-20, years))), Optional.of(0), 350),
                worth(mine.condition(), theirs.condition(), 9_000),
                worth(mine.bathrooms(), theirs.bathrooms(), 6_500),
                worth(mine.garageSpaces(), theirs.garageSpaces(), 5_000));
    }

    private static BigDecimal worth(Optional<Integer> mine, Optional<Integer> theirs, int rate) {
        return BigDecimal.valueOf((long) (mine.orElse(0) - theirs.orElse(0)) * rate);
    }

    private BigDecimal timeAdjusted(BigDecimal price, LocalDate day) {
        long months = Math.max(0, ChronoUnit.MONTHS.between(day, valued));
        return price.multiply(BigDecimal.ONE.add(new BigDecimal("0.004").multiply(BigDecimal.valueOf(months))))
                .setScale(2, RoundingMode.HALF_UP);
    }

    /** The weighted median; weights 1 ÷ (5 + gross) over one denominator, so that nothing is rounded. */
    private static BigDecimal indicated(List<Sold> usable) {
        List<Sold> ascending = usable.stream()
                .sorted(Comparator.comparing(Sold::adjusted).thenComparing(Sold::id))
                .toList();
        BigInteger product = BigInteger.ONE;
        for (Sold each : ascending) {
            product = product.multiply(divisor(each));
        }
        BigInteger total = BigInteger.ZERO;
        for (Sold each : ascending) {
            total = total.add(product.divide(divisor(each)));
        }
        BigInteger running = BigInteger.ZERO;
        for (Sold each : ascending) {
            running = running.add(product.divide(divisor(each)));
            if (running.shiftLeft(1).compareTo(total) >= 0) {
                return rounded(each.adjusted());
            }
        }
        throw new IllegalStateException("The last reaches the whole weight");
    }

    private static BigInteger divisor(Sold each) {
        return each.gross().add(new BigDecimal(5)).movePointRight(2).toBigIntegerExact();
    }

    private boolean appraised() {
        return says(Reason.RECENT_APPRAISAL)
                && file.appraisal()
                        .filter(each -> !each.on().isAfter(file.receivedOn())
                                && !each.on().isBefore(file.receivedOn().minusMonths(12)))
                        .isPresent();
    }

    private boolean bought() {
        return says(Reason.RECENT_PURCHASE)
                && file.purchase()
                        .filter(each -> each.openMarket()
                                && !each.on().isAfter(file.receivedOn())
                                && !each.on().isBefore(valued.minusMonths(18)))
                        .isPresent();
    }

    private boolean says(Reason reason) {
        return file.reasons().contains(reason);
    }

    private static BigDecimal percent(BigDecimal part, BigDecimal of) {
        return part.multiply(new BigDecimal(100)).divide(of, 2, RoundingMode.HALF_UP);
    }

    private static BigDecimal rounded(BigDecimal value) {
        return value.divide(FIVE_HUNDRED, 0, RoundingMode.HALF_UP).multiply(FIVE_HUNDRED);
    }

    private static BigDecimal sum(List<BigDecimal> amounts) {
        return amounts.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    private static String text(BigDecimal amount) {
        return amount.setScale(2, RoundingMode.UNNECESSARY).toPlainString();
    }
}
