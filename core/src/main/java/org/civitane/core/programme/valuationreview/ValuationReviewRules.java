package org.civitane.core.programme.valuationreview;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.amount.Rounding;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Parcel;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Reason;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The rules of the chapter for one case file: commercial, classification, late, incomplete, the rest. */
final class ValuationReviewRules {
    private static final Rule WINDOW = new Rule(ValuationReview.ID, "Window");
    private static final Rule INCOMPLETE = new Rule(ValuationReview.ID, "Incomplete");
    private static final Rule COMPARABLES = new Rule(ValuationReview.ID, "Comparables");
    private static final Rule DECIDED = new Rule(ValuationReview.ID, "Decided");
    private static final long ALL = 10_000;

    private final ValuationReviewCase file;
    private final Parcel parcel;
    private final Reasoning why;
    private final LocalDate receivedOn;
    private final PolicyVersion version;
    private final ValuationReviewPolicy policy;

    private enum Result {
        UPHELD,
        REDUCED,
        DENIED,
        REFERRED,
        PENDING
    }

    private enum Basis {
        CLASS,
        CLASSIFICATION,
        LATE,
        EVIDENCE
    }

    ValuationReviewRules(ValuationReviewCase file, PolicyBook book, Reasoning why) {
        this.file = file;
        this.parcel = file.parcel();
        this.why = why;
        this.receivedOn = file.receivedOn();
        this.version = book.inForce(ValuationReviewPolicy.TABLE, receivedOn);
        this.policy = ValuationReviewPolicy.of(version);
    }

    Determination determine() {
        why.day("receivedOn", receivedOn, new Rule("common", "0.3"), s -> s.fact("receivedAt"));
        LocalDate closesOn = why.day(
                "closesOn",
                BusinessCalendar.rolledForward(parcel.noticeOn().plusDays(policy.filingDays)),
                WINDOW,
                s -> s.input("noticeOn", Value.of(parcel.noticeOn()))
                        .input("days", policy.filingDays)
                        .fact("parcel", "noticeOn")
                        .table(version));
        Figures.Builder figures = Figures.builder(6).add("closesOn", closesOn);
        if (parcel.parcelClass() == ParcelClass.COMMERCIAL) {
            return result(Status.REFERRED, decided(Result.REFERRED, Basis.CLASS), figures, List.of());
        }
        if (file.reasons().contains(Reason.WRONG_CLASS)) {
            return result(Status.REFERRED, decided(Result.REFERRED, Basis.CLASSIFICATION), figures, List.of());
        }
        if (isLate(closesOn)) {
            return result(Status.DETERMINED, decided(Result.DENIED, Basis.LATE), figures, List.of());
        }
        List<String> missing = Missing.of(file, policy).told(why, INCOMPLETE);
        if (!missing.isEmpty()) {
            return result(Status.INCOMPLETE, decided(Result.PENDING, Basis.EVIDENCE), figures, missing);
        }
        return result(Status.DETERMINED, weighed(figures), figures, missing);
    }

    private boolean isLate(LocalDate closesOn) {
        boolean after = receivedOn.isAfter(closesOn);
        if (after && file.goodCause()) {
            return why.holds(
                    "lateForGoodCause",
                    false,
                    WINDOW,
                    s -> s.input("receivedOn", Value.of(receivedOn)).fact("goodCause"));
        }
        return why.holds(
                "late",
                after,
                WINDOW,
                s -> s.input("receivedOn", Value.of(receivedOn)).input("closesOn", Value.of(closesOn)));
    }

    private Outcome weighed(Figures.Builder figures) {
        List<Comparison> compared = file.comparables().stream()
                .map(comparable -> Comparison.of(comparable, parcel, file.corrected(), version, why))
                .toList();
        List<Comparison> usable = compared.stream().filter(Comparison::isUsable).toList();
        Optional<Money> indicated = usable.isEmpty() ? Optional.empty() : Optional.of(Indicated.of(usable, policy));
        indicated.ifPresent(value -> {
            why.money(
                    "indicated",
                    value,
                    COMPARABLES,
                    s -> s.input("usable", usable.size())
                            .input("compared", compared.size())
                            .input("unit", policy.roundedTo)
                            .table(version));
            figures.add("indicated", value);
        });
        Evidence evidence = Evidence.of(file, receivedOn, usable, indicated, version, why);
        Money requested = file.requested().orElseThrow();
        Money value = value(evidence, requested);
        boolean hearing = file.hearing() && isShareOver(value.minus(requested), policy.hearing);
        why.holds(
                "hearingOffered",
                hearing,
                DECIDED,
                s -> s.input("value", value)
                        .input("requested", requested)
                        .input("percent", policy.hearing)
                        .fact("hearing")
                        .table(version));
        figures.add("evidence", evidence.kind())
                .add("evidenceValue", evidence.value())
                .add("hearingOffered", hearing)
                .add(
                        "comparables",
                        new Value.Row(compared.stream().map(Comparison::toValue).toList()));
        return outcome(evidence, value);
    }

    /** Never above what is assessed, and never below what was asked for. */
    private Money value(Evidence evidence, Money requested) {
        boolean upheld = evidence.value().times(ALL).compareTo(share(policy.upheld)) >= 0;
        why.holds(
                "upheld",
                upheld,
                DECIDED,
                s -> s.input("evidenceValue", evidence.value())
                        .input("percent", policy.upheld)
                        .input("assessed", parcel.assessed())
                        .table(version));
        if (upheld) {
            return parcel.assessed();
        }
        Money value = evidence.value().atLeast(policy.rounded(requested)).limitedTo(parcel.assessed());
        return why.money(
                "value",
                value,
                DECIDED,
                s -> s.input("evidenceValue", evidence.value())
                        .input("requested", requested)
                        .input("assessed", parcel.assessed()));
    }

    private boolean isShareOver(Money figure, Percent percent) {
        return figure.times(ALL).over(share(percent));
    }

    private Money share(Percent percent) {
        return parcel.assessed().times(percent.hundredths());
    }

    private Outcome outcome(Evidence evidence, Money value) {
        Money reduction = parcel.assessed().minus(value);
        Money taxSaved = reduction.percent(policy.tax, Money.CENT, Rounding.HALF_UP);
        Result result = reduction.isPositive() ? Result.REDUCED : Result.UPHELD;
        why.step(
                "decided." + result,
                Value.of(result),
                DECIDED,
                s -> s.input("assessed", parcel.assessed())
                        .input("value", value)
                        .input("reduction", reduction)
                        .input("taxSaved", taxSaved)
                        .input("percent", policy.tax)
                        .table(version));
        Figures more = Figures.builder(3)
                .add("value", value)
                .add("reduction", reduction)
                .add("taxSaved", taxSaved)
                .build();
        return Outcome.of(parcel.id(), result, evidence.kind(), more);
    }

    private Outcome decided(Result result, Basis basis) {
        why.step("decided." + basis, Value.of(result), DECIDED, s -> s.fact("parcel", "class"));
        return Outcome.of(parcel.id(), result, basis);
    }

    private Determination result(Status status, Outcome outcome, Figures.Builder figures, List<String> missing) {
        LocalDate dueBy = BusinessCalendar.plusBusinessDays(receivedOn, policy.dueDays);
        why.day("dueBy", dueBy, DECIDED, s -> s.input("days", policy.dueDays).table(version));
        return new Determination(
                ValuationReview.ID,
                receivedOn,
                List.of(version),
                status,
                List.of(outcome),
                figures.build(),
                missing,
                dueBy,
                why.steps());
    }
}
