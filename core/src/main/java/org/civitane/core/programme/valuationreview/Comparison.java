package org.civitane.core.programme.valuationreview;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.amount.Rounding;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Comparable;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Parcel;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/**
 * One comparable, brought to the parcel.
 *
 * @param faults all that apply, in their order; without any it is usable
 * @param adjustments what each difference to the parcel is worth
 */
record Comparison(
        String id,
        List<Fault> faults,
        Money timeAdjusted,
        Map<Attribute, Money> adjustments,
        Money adjusted,
        Percent grossPercent,
        Percent netPercent) {
    private static final Rule RULE = new Rule(ValuationReview.ID, "Comparables");
    private static final long ALL = 10_000;
    private static final long A_HUNDRED = 100;

    /** Why a comparable cannot be used. */
    enum Fault {
        CLASS,
        NOT_OPEN_MARKET,
        SALE_DATE,
        FAR,
        SIZE,
        TOO_DIFFERENT
    }

    static Comparison of(
            Comparable comparable, Parcel parcel, Attributes attributes, PolicyVersion version, Reasoning why) {
        ValuationReviewPolicy policy = ValuationReviewPolicy.of(version);
        Reasoning steps = why.below("comparable", RULE);
        Money timeAdjusted = steps.money(
                "timeAdjusted",
                TimeAdjustment.of(comparable.price(), comparable.saleOn(), parcel.valuationDate(), policy),
                RULE,
                s -> s.input("price", comparable.price())
                        .input("saleOn", Value.of(comparable.saleOn()))
                        .input("valuationDate", Value.of(parcel.valuationDate()))
                        .input("percent", policy.monthlyTrend)
                        .table(version));
        Map<Attribute, Money> adjustments = new EnumMap<>(Attribute.class);
        Money net = Money.ZERO;
        Money gross = Money.ZERO;
        for (Attribute attribute : Attribute.values()) {
            int ofParcel = attributes.numberOf(attribute);
            int ofComparable = comparable.attributes().numberOf(attribute);
            Money worth = policy.worth(attribute, (long) ofParcel - ofComparable);
            adjustments.put(attribute, worth);
            net = net.plus(worth);
            gross = gross.plus(Money.ofCents(Math.abs(worth.cents())));
            if (!worth.equals(Money.ZERO)) {
                steps.money(
                        "adjustment",
                        worth,
                        RULE,
                        s -> s.input("attribute", attribute.field())
                                .input("ofParcel", Value.of(String.valueOf(ofParcel)))
                                .input("ofComparable", Value.of(String.valueOf(ofComparable)))
                                .table(version));
            }
        }
        Percent grossPercent = percent(gross, timeAdjusted);
        List<Fault> faults = faults(comparable, parcel, attributes, policy);
        if (grossPercent.hundredths() > policy.mostGross.hundredths()) {
            faults.add(Fault.TOO_DIFFERENT);
        }
        Money adjusted = timeAdjusted.plus(net);
        steps.concluded(
                Value.of(adjusted),
                s -> s.input("id", comparable.id())
                        .input("grossPercent", grossPercent)
                        .input("faults", words(faults))
                        .fact("comparables", comparable.id()));
        return new Comparison(
                comparable.id(), faults, timeAdjusted, adjustments, adjusted, grossPercent, percent(net, timeAdjusted));
    }

    boolean isUsable() {
        return faults.isEmpty();
    }

    Value toValue() {
        Figures.Builder worths = Figures.builder(adjustments.size());
        adjustments.forEach((attribute, worth) -> worths.add(attribute.field(), worth));
        return new Value.Fields(Figures.builder(7)
                .add("id", id)
                .add("faults", words(faults))
                .add("timeAdjusted", timeAdjusted)
                .add("adjustments", new Value.Fields(worths.build()))
                .add("adjusted", adjusted)
                .add("grossPercent", Value.twoDecimals(grossPercent))
                .add("netPercent", Value.twoDecimals(netPercent))
                .build());
    }

    private static Value words(List<Fault> faults) {
        return new Value.Row(faults.stream().map(Value::of).toList());
    }

    private static List<Fault> faults(
            Comparable comparable, Parcel parcel, Attributes attributes, ValuationReviewPolicy policy) {
        List<Fault> faults = new ArrayList<>();
        if (comparable.parcelClass() != parcel.parcelClass()) {
            faults.add(Fault.CLASS);
        }
        if (!comparable.openMarket()) {
            faults.add(Fault.NOT_OPEN_MARKET);
        }
        LocalDate valuationDate = parcel.valuationDate();
        if (comparable.saleOn().isAfter(valuationDate)
                || comparable.saleOn().isBefore(valuationDate.minusMonths(policy.saleMonths))) {
            faults.add(Fault.SALE_DATE);
        }
        if (isFar(comparable, parcel, policy.farMetres)) {
            faults.add(Fault.FAR);
        }
        if (!isOfLikeSize(comparable.attributes(), attributes, policy)) {
            faults.add(Fault.SIZE);
        }
        return faults;
    }

    private static boolean isFar(Comparable comparable, Parcel parcel, long metres) {
        long east = Math.abs((long) comparable.east() - parcel.east());
        long north = Math.abs((long) comparable.north() - parcel.north());
        return east > metres || north > metres || east * east + north * north > metres * metres;
    }

    private static boolean isOfLikeSize(Attributes comparable, Attributes parcel, ValuationReviewPolicy policy) {
        Attribute measure = parcel.floorArea().isPresent() ? Attribute.FLOOR_AREA : Attribute.LOT_AREA;
        Optional<Integer> size = comparable.of(measure);
        if (size.isEmpty()) {
            return false;
        }
        long hundredfold = A_HUNDRED * size.get();
        long ofParcel = parcel.numberOf(measure);
        return hundredfold >= policy.leastSizePercent * ofParcel && hundredfold <= policy.mostSizePercent * ofParcel;
    }

    private static Percent percent(Money part, Money whole) {
        return new Percent(Rounding.HALF_UP.multiplyDivide(part.cents(), ALL, whole.cents()));
    }
}
