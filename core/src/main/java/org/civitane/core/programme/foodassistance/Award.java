package org.civitane.core.programme.foodassistance;

import java.time.LocalDate;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Rounding;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;

/** How much, and for how long. */
final class Award {
    private static final Rule AMOUNT = new Rule(FoodAssistance.ID, "Amount");
    private static final Rule DECIDED = new Rule(FoodAssistance.ID, "Decided");
    private static final int COUNTED_DAYS = 30;

    private final FoodAssistanceCase file;
    private final Unit unit;
    private final LocalDate receivedOn;
    private final PolicyVersion version;
    private final FoodAssistancePolicy policy;
    private final Reasoning why;

    Award(FoodAssistanceCase file, Unit unit, LocalDate receivedOn, PolicyVersion version, Reasoning why) {
        this.file = file;
        this.unit = unit;
        this.receivedOn = receivedOn;
        this.version = version;
        this.policy = FoodAssistancePolicy.of(version);
        this.why = why;
    }

    Money benefit(Money maximum, Money net) {
        Money borne = net.percent(policy.benefitShare, Money.EURO, Rounding.UP);
        Money benefit = why.money(
                "benefit",
                maximum.minus(borne),
                AMOUNT,
                s -> s.input("maximum", maximum)
                        .input("percent", policy.benefitShare)
                        .input("net", net)
                        .input("borne", borne)
                        .table(version));
        if (unit.size() > policy.leastBenefitUpTo || policy.leastBenefit.within(benefit)) {
            return benefit;
        }
        return why.money(
                "leastBenefit",
                policy.leastBenefit,
                AMOUNT,
                s -> s.input("unitSize", unit.size()).table(version));
    }

    /** The part of the month that is left on the received date; too little is not paid at all. */
    Money firstMonth(Money benefit) {
        int day = Math.min(receivedOn.getDayOfMonth(), COUNTED_DAYS);
        int daysLeft = COUNTED_DAYS + 1 - day;
        Money part = benefit.share(daysLeft, COUNTED_DAYS, Money.EURO, Rounding.DOWN);
        Money paid = part.within(policy.leastFirstMonth) && !part.equals(policy.leastFirstMonth) ? Money.ZERO : part;
        return why.money(
                "firstMonth",
                paid,
                AMOUNT,
                s -> s.input("benefit", benefit)
                        .input("daysLeft", daysLeft)
                        .input("least", policy.leastFirstMonth)
                        .table(version));
    }

    /** How many months it runs: long where nothing is likely to change, short where much is. */
    int months() {
        if (adultsAreOldOrDisabled() && !hasEarnings()) {
            return why.count("monthsSteady", policy.steadyMonths, DECIDED, s -> s.table(version));
        }
        if (file.homeless() || hasSelfEmployment()) {
            return why.count("monthsChanging", policy.changingMonths, DECIDED, s -> s.table(version));
        }
        return why.count("months", policy.usualMonths, DECIDED, s -> s.table(version));
    }

    private boolean adultsAreOldOrDisabled() {
        for (FoodMember person : unit.people()) {
            if (person.isAdultOn(receivedOn) && !Unit.isOldOrDisabled(person, receivedOn, policy)) {
                return false;
            }
        }
        return true;
    }

    private boolean hasEarnings() {
        for (IncomeLine line : file.incomes()) {
            if (line.kind().isEarned() && line.amount().isPositive() && unit.counts(line.member())) {
                return true;
            }
        }
        return false;
    }

    private boolean hasSelfEmployment() {
        for (IncomeLine line : file.incomes()) {
            if (line.kind() == IncomeKind.SELF_EMPLOYMENT && unit.counts(line.member())) {
                return true;
            }
        }
        return false;
    }
}
