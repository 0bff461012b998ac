package org.civitane.core.programme.dentalsupport;

import java.time.LocalDate;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.Person;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.dentalsupport.DentalSupportCase.Child;
import org.civitane.core.programme.dentalsupport.DentalSupportCase.Child.Visit;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The points by which a child is refused (chapter, Points): the first that applies on what is given. */
final class Points {
    private static final Rule RULE = new Rule(DentalSupport.ID, "Points");

    /** A point, in the order in which they are looked at. */
    enum Point {
        CLOSED,
        AGE,
        CHILD_BENEFIT,
        ALREADY,
        USED,
        COVER,
        VISIT,
        INCOME
    }

    private final DentalSupportPolicy policy;
    private final PolicyVersion version;
    private final SupportPeriod period;
    private final LocalDate receivedOn;
    private final Optional<Money> assessedIncome;
    private final Reasoning why;

    Points(DentalSupportCase file, Optional<Money> assessedIncome, PolicyVersion version, Reasoning why) {
        this.policy = DentalSupportPolicy.of(version);
        this.version = version;
        this.period = file.supportPeriod();
        this.receivedOn = file.receivedOn();
        this.assessedIncome = assessedIncome;
        this.why = why;
    }

    /** The point that refuses a child; empty for one that is open. An answer that is absent refuses nothing. */
    Optional<Point> against(Person person, Child child) {
        LocalDate closes = period.to().plusMonths(policy.claimMonths);
        for (Point point : Point.values()) {
            if (applies(point, person, child, closes)) {
                why.step(
                        "refused." + point,
                        Value.of(person.name().full()),
                        RULE,
                        s -> s.input("from", Value.of(period.from()))
                                .input("to", Value.of(period.to()))
                                .input("closes", Value.of(closes))
                                .input("age", policy.ageUnder)
                                .input("awards", policy.mostAwards)
                                .input("limit", policy.incomeLimit())
                                .fact("children")
                                .table(version));
                return Optional.of(point);
            }
        }
        why.step("open", Value.of(person.name().full()), RULE, s -> s.fact("children"));
        return Optional.empty();
    }

    private boolean applies(Point point, Person person, Child child, LocalDate closes) {
        return switch (point) {
            case CLOSED -> receivedOn.isBefore(period.from()) || receivedOn.isAfter(closes);
            case AGE -> person.ageOn(period.from()) >= policy.ageUnder;
            case CHILD_BENEFIT -> child.childBenefit().filter(drawn -> !drawn).isPresent();
            case ALREADY -> child.alreadyInPeriod();
            case USED -> child.alreadyPaid().orElse(0) >= policy.mostAwards;
            case COVER -> child.privateCover().orElse(false);
            case VISIT ->
                child.visit().map(Visit::on).filter(on -> !period.contains(on)).isPresent();
            case INCOME -> assessedIncome.filter(policy.incomeLimit()::within).isPresent();
        };
    }
}
