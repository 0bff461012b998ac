package org.civitane.core.programme.valuationreview;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Appraisal;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Purchase;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Reason;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;

/**
 * The evidence that is used: the first available, in order of trust.
 *
 * @param kind what it is
 * @param value what it says the parcel is worth
 */
record Evidence(Kind kind, Money value) {
    private static final Rule RULE = new Rule(ValuationReview.ID, "Evidence of value");

    /** Kinds of evidence, the most trusted first. */
    enum Kind {
        COMPARABLES,
        APPRAISAL,
        PURCHASE,
        FEW_COMPARABLES,
        CORRECTED_DETAILS,
        NONE
    }

    static Evidence of(
            ValuationReviewCase file,
            LocalDate receivedOn,
            List<Comparison> usable,
            Optional<Money> indicated,
            PolicyVersion version,
            Reasoning why) {
        ValuationReviewPolicy policy = ValuationReviewPolicy.of(version);
        Evidence found = enoughComparables(file, usable, indicated, policy)
                .or(() -> appraisal(file, receivedOn, policy))
                .or(() -> purchase(file, receivedOn, policy))
                .or(() -> comparables(file, Kind.FEW_COMPARABLES, indicated))
                .or(() -> correctedDetails(file, policy))
                .orElseGet(() -> new Evidence(Kind.NONE, file.parcel().assessed()));
        why.money(
                "evidence." + found.kind,
                found.value,
                RULE,
                s -> s.input("usable", usable.size())
                        .input("enough", policy.enoughComparables)
                        .table(version));
        return found;
    }

    private static Optional<Evidence> enoughComparables(
            ValuationReviewCase file,
            List<Comparison> usable,
            Optional<Money> indicated,
            ValuationReviewPolicy policy) {
        return usable.size() >= policy.enoughComparables
                ? comparables(file, Kind.COMPARABLES, indicated)
                : Optional.empty();
    }

    private static Optional<Evidence> comparables(ValuationReviewCase file, Kind kind, Optional<Money> indicated) {
        return indicated
                .filter(value -> file.reasons().contains(Reason.COMPARABLE_SALES))
                .map(value -> new Evidence(kind, value));
    }

    private static Optional<Evidence> appraisal(
            ValuationReviewCase file, LocalDate receivedOn, ValuationReviewPolicy policy) {
        LocalDate first = receivedOn.minusMonths(policy.appraisalMonths);
        return file.appraisal()
                .filter(appraisal -> file.reasons().contains(Reason.RECENT_APPRAISAL))
                .filter(appraisal -> isWithin(appraisal.on(), first, receivedOn))
                .map(Appraisal::value)
                .map(value -> new Evidence(Kind.APPRAISAL, policy.rounded(value)));
    }

    private static Optional<Evidence> purchase(
            ValuationReviewCase file, LocalDate receivedOn, ValuationReviewPolicy policy) {
        LocalDate valuationDate = file.parcel().valuationDate();
        LocalDate first = valuationDate.minusMonths(policy.purchaseMonths);
        return file.purchase()
                .filter(purchase -> file.reasons().contains(Reason.RECENT_PURCHASE))
                .filter(Purchase::openMarket)
                .filter(purchase -> isWithin(purchase.on(), first, receivedOn))
                .map(purchase -> TimeAdjustment.of(purchase.price(), purchase.on(), valuationDate, policy))
                .map(value -> new Evidence(Kind.PURCHASE, policy.rounded(value)));
    }

    private static Optional<Evidence> correctedDetails(ValuationReviewCase file, ValuationReviewPolicy policy) {
        return file.correctAttributes()
                .filter(correct -> file.reasons().contains(Reason.WRONG_DETAILS))
                .map(correct -> {
                    Money value = file.parcel().assessed();
                    for (Attribute attribute : Attribute.values()) {
                        if (correct.of(attribute).isPresent()) {
                            long recorded = file.parcel().attributes().numberOf(attribute);
                            value = value.plus(policy.worth(attribute, correct.numberOf(attribute) - recorded));
                        }
                    }
                    return new Evidence(Kind.CORRECTED_DETAILS, policy.rounded(value));
                });
    }

    private static boolean isWithin(LocalDate day, LocalDate first, LocalDate last) {
        return !day.isBefore(first) && !day.isAfter(last);
    }
}
