package org.civitane.core.programme.dentalsupport;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.Person;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.dentalsupport.DentalSupportCase.Child;
import org.civitane.core.programme.dentalsupport.Points.Point;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The rules of the chapter for one case file: who is refused, what is missing, what the others get. */
final class DentalSupportRules {
    private static final Rule INCOMPLETE = new Rule(DentalSupport.ID, "Incomplete");
    private static final Rule DECIDED = new Rule(DentalSupport.ID, "Decided");
    private static final Rule AMOUNT = new Rule(DentalSupport.ID, "Amount");

    private final DentalSupportCase file;
    private final Reasoning why;
    private final LocalDate receivedOn;
    private final PolicyVersion version;
    private final DentalSupportPolicy policy;
    private final Family family;
    private final Map<Child, Optional<Point>> children = new LinkedHashMap<>();

    private enum Result {
        APPROVED,
        DENIED,
        PENDING
    }

    private enum Basis {
        APPLICATION,
        CHILD_BENEFIT,
        INCOME
    }

    DentalSupportRules(DentalSupportCase file, PolicyBook book, Reasoning why) {
        this.file = file;
        this.why = why;
        this.receivedOn = file.receivedOn();
        this.version = book.inForce(DentalSupportPolicy.TABLE, receivedOn);
        this.policy = DentalSupportPolicy.of(version);
        this.family = Family.of(file);
    }

    Determination determine() {
        why.day("receivedOn", receivedOn, new Rule("common", "0.3"), s -> s.fact("receivedAt"));
        SupportPeriod period = file.supportPeriod();
        why.day(
                "periodFrom",
                period.from(),
                new Rule(DentalSupport.ID, "Asked"),
                s -> s.input("to", Value.of(period.to())).fact("period"));
        lookAtChildren();
        Optional<Money> tier = tier();
        List<Child> open = open();
        List<String> missing = Missing.of(file, family, open).told(why, INCOMPLETE);
        if (!missing.isEmpty()) {
            Figures figures = estimated(figures(tier), tier, open);
            return result(Status.INCOMPLETE, whileIncomplete(), figures, missing);
        }
        return decided(tier, open);
    }

    /** In the order of the members, each with the point against it. */
    private void lookAtChildren() {
        Points points = new Points(file, family.assessedIncome(), version, why);
        for (Person member : file.members()) {
            file.children().stream()
                    .filter(child -> child.member().equals(member.id()))
                    .forEach(child -> children.put(child, points.against(member, child)));
        }
    }

    private List<Child> open() {
        return children.entrySet().stream()
                .filter(each -> each.getValue().isEmpty())
                .map(Map.Entry::getKey)
                .toList();
    }

    private Optional<Money> tier() {
        Optional<Money> income = family.assessedIncome().or(file::statedIncome);
        String code = family.assessedIncome().isPresent() ? "tier.assessed" : "tier.stated";
        return income.map(each -> why.money(
                code,
                policy.tier(each),
                AMOUNT,
                s -> s.input("income", each).fact("familyIncome").table(version)));
    }

    private Figures figures(Optional<Money> tier) {
        Figures figures = Figures.builder(2)
                .add("periodFrom", file.supportPeriod().from())
                .add("periodTo", file.supportPeriod().to())
                .build();
        return tier.isPresent() ? figures.with("tier", Value.of(tier.get())) : figures;
    }

    /** What the open children would get, where an amount for one is known. */
    private Figures estimated(Figures figures, Optional<Money> tier, List<Child> open) {
        return tier.map(each -> figures.with(
                        "estimate",
                        Value.of(why.money(
                                "estimate",
                                open.stream()
                                        .map(child -> Award.of(child, each))
                                        .reduce(Money.ZERO, Money::plus),
                                AMOUNT,
                                s -> s.input("children", open.size()).input("tier", each)))))
                .orElse(figures);
    }

    private List<Outcome> whileIncomplete() {
        boolean unsigned = Missing.signatureOf(file).isPresent();
        List<Outcome> outcomes = new ArrayList<>();
        children.forEach((child, point) -> outcomes.add(
                point.isEmpty() || unsigned
                        ? Outcome.of(child.member(), Result.PENDING, Basis.APPLICATION)
                        : Outcome.of(child.member(), Result.DENIED, point.get())));
        return outcomes;
    }

    private Determination decided(Optional<Money> tier, List<Child> open) {
        MissingCodes waits = new MissingCodes();
        waits.require("tax-register", open.isEmpty() || family.answer().isPresent());
        open.forEach(child -> waits.requireGiven("child-benefit:" + child.member(), child.childBenefit()));
        List<String> missing = waits.told(why, DECIDED);
        LocalDate paidBy = Award.paidBy(file, policy);
        List<Outcome> outcomes = new ArrayList<>();
        Money total = Money.ZERO;
        boolean anyIsApproved = false;
        for (Map.Entry<Child, Optional<Point>> each : children.entrySet()) {
            Child child = each.getKey();
            if (each.getValue().isPresent()) {
                outcomes.add(Outcome.of(
                        child.member(), Result.DENIED, each.getValue().get()));
            } else if (child.childBenefit().isEmpty()) {
                outcomes.add(Outcome.of(child.member(), Result.PENDING, Basis.CHILD_BENEFIT));
            } else if (family.answer().isEmpty()) {
                outcomes.add(Outcome.of(child.member(), Result.PENDING, Basis.INCOME));
            } else {
                Money amount = amount(child, tier.orElseThrow());
                outcomes.add(approved(child, amount, paidBy));
                total = total.plus(amount);
                anyIsApproved = true;
            }
        }
        Figures figures = missing.isEmpty() ? figures(tier) : estimated(figures(tier), tier, open);
        figures = figures.with("total", Value.of(total));
        return result(
                missing.isEmpty() ? Status.DETERMINED : Status.HOLD,
                outcomes,
                anyIsApproved ? figures.with("paidBy", Value.of(paidBy)) : figures,
                missing);
    }

    private Money amount(Child child, Money tier) {
        return why.money(
                "amount." + child.care(),
                Award.of(child, tier),
                AMOUNT,
                s -> s.input("member", child.member()).input("tier", tier).table(version));
    }

    private Outcome approved(Child child, Money amount, LocalDate paidBy) {
        Value payments = Award.payments(file, amount, paidBy);
        why.step(
                "approved",
                Value.of(Result.APPROVED),
                DECIDED,
                s -> s.input("member", child.member()).input("amount", amount).input("paidBy", Value.of(paidBy)));
        Figures more = Figures.builder(2)
                .add("amount", amount)
                .add("payments", payments)
                .build();
        return Outcome.of(child.member(), Result.APPROVED, Basis.INCOME, more);
    }

    private Determination result(Status status, List<Outcome> outcomes, Figures figures, List<String> missing) {
        LocalDate dueBy = BusinessCalendar.plusBusinessDays(receivedOn, policy.dueDays);
        why.day("dueBy", dueBy, INCOMPLETE, s -> s.input("days", policy.dueDays).table(version));
        return new Determination(
                DentalSupport.ID, receivedOn, List.of(version), status, outcomes, figures, missing, dueBy, why.steps());
    }
}
