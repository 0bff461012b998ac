package org.civitane.core.programme.foodassistance;

import java.time.LocalDate;
import java.util.List;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.Expense;
import org.civitane.core.casefile.ExpenseKind;
import org.civitane.core.programme.Lines;
import org.civitane.core.programme.foodassistance.FoodAssistanceCase.Utility;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** What the unit and its excluded members pay each month, as far as it counts. */
final class Costs {
    private static final Rule RULE = new Rule(FoodAssistance.ID, "Deductions");

    private final FoodAssistanceCase file;
    private final List<Expense> expenses;
    private final Unit unit;
    private final LocalDate receivedOn;
    private final FoodAssistancePolicy policy;

    Costs(FoodAssistanceCase file, Unit unit, LocalDate receivedOn, FoodAssistancePolicy policy) {
        this.file = file;
        this.expenses = file.expenses().orElse(List.of());
        this.unit = unit;
        this.receivedOn = receivedOn;
        this.policy = policy;
    }

    Money dependantCare(Reasoning why) {
        return monthly("dependantCare", ExpenseKind.DEPENDANT_CARE, why);
    }

    Money supportPaid(Reasoning why) {
        return monthly("supportPaid", ExpenseKind.SUPPORT_PAID, why);
    }

    /** For people of the unit who are old or disabled, less what everybody bears themselves. */
    Money medical(Reasoning why) {
        Reasoning each = why.below("medical", RULE);
        Money paid =
                Frequency.monthly(Lines.annual(expenses, ExpenseKind.MEDICAL, this::isForOldOrDisabled, RULE, each));
        Money medical = paid.minus(policy.medicalBorne).atLeast(Money.ZERO);
        each.concluded(
                Value.of(medical),
                s -> s.input("paid", paid).input("borne", policy.medicalBorne).fact("expenses"));
        return medical;
    }

    Money utilityAllowance(Reasoning why) {
        return why.money(
                "utilityAllowance",
                allowance(file.utilities()),
                RULE,
                s -> s.input(
                                "utilities",
                                new Value.Row(
                                        file.utilities().stream().map(Value::of).toList()))
                        .fact("utilities"));
    }

    /** The four kinds, each rounded on its own, and the allowance. */
    Money shelter(Money utilityAllowance, Reasoning why) {
        Reasoning each = why.below("shelterCosts", RULE);
        Money sum = utilityAllowance
                .plus(shelterLine(ExpenseKind.RENT, each))
                .plus(shelterLine(ExpenseKind.MORTGAGE, each))
                .plus(shelterLine(ExpenseKind.PROPERTY_TAX, each))
                .plus(shelterLine(ExpenseKind.HOME_INSURANCE, each));
        each.concluded(Value.of(sum), s -> s.input("utilityAllowance", utilityAllowance));
        return sum;
    }

    private Money shelterLine(ExpenseKind kind, Reasoning why) {
        return isPaid(kind) ? monthly("shelterLine", kind, why) : Money.ZERO;
    }

    private Money monthly(String code, ExpenseKind kind, Reasoning why) {
        Reasoning each = why.below(code, RULE);
        Money annual = Lines.annual(
                expenses, kind, expense -> unit.counts(expense.member().orElse(unit.applicant())), RULE, each);
        Money monthly = annual.equals(Money.ZERO) ? annual : Frequency.monthly(annual);
        each.concluded(Value.of(monthly), s -> s.input("kind", kind).fact("expenses"));
        return monthly;
    }

    private boolean isPaid(ExpenseKind kind) {
        for (Expense expense : expenses) {
            if (expense.kind() == kind) {
                return true;
            }
        }
        return false;
    }

    private boolean isForOldOrDisabled(Expense expense) {
        String id = expense.member().orElse(unit.applicant());
        for (FoodMember person : unit.people()) {
            if (person.id().equals(id)) {
                return Unit.isOldOrDisabled(person, receivedOn, policy);
            }
        }
        return false;
    }

    private Money allowance(List<Utility> utilities) {
        if (utilities.contains(Utility.HEATING)) {
            return policy.heatingAllowance;
        }
        if (utilities.contains(Utility.ELECTRICITY) || utilities.contains(Utility.WATER)) {
            return policy.electricityOrWaterAllowance;
        }
        return utilities.contains(Utility.PHONE) ? policy.phoneAllowance : Money.ZERO;
    }
}
