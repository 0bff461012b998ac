package org.civitane.core.programme;

import java.util.List;
import java.util.function.Predicate;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.Expense;
import org.civitane.core.casefile.ExpenseKind;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.Resource;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;

/**
 * What was told line by line, each line taken down as a step whether it counts or is left out: whoever told an amount
 * finds it in the working.
 */
public final class Lines {
    private Lines() {}

    /** A line of income as it counts. @param counts what it comes to @return the same */
    public static Money counted(String code, IncomeLine line, Money counts, Rule rule, Reasoning why) {
        return incomeLine(code, line, counts, rule, why);
    }

    /** A line of income that is left out. @param code whose words say why */
    public static void leftOut(String code, IncomeLine line, Rule rule, Reasoning why) {
        incomeLine(code, line, line.amount(), rule, why);
    }

    private static Money incomeLine(String code, IncomeLine line, Money result, Rule rule, Reasoning why) {
        return why.money(
                code,
                result,
                rule,
                s -> s.input("member", line.member())
                        .input("kind", line.kind())
                        .input("amount", line.amount())
                        .input("frequency", line.frequency())
                        .fact("incomes", line.id(), "amount"));
    }

    /**
     * What costs of a kind come to in a year, exact.
     *
     * @param counts which of them are of somebody whose costs count
     */
    public static Money annual(
            List<Expense> told, ExpenseKind kind, Predicate<Expense> counts, Rule rule, Reasoning why) {
        Money sum = Money.ZERO;
        for (Expense expense : told) {
            if (expense.kind() != kind) {
                continue;
            }
            boolean in = counts.test(expense);
            Money annual = expense.annual();
            why.money(
                    in ? "expenseLine" : "expenseLineOut",
                    annual,
                    rule,
                    s -> s.input("kind", expense.kind())
                            .input("amount", expense.amount())
                            .input("frequency", expense.frequency())
                            .fact("expenses"));
            sum = in ? sum.plus(annual) : sum;
        }
        return sum;
    }

    /** What somebody owns, of which only some counts. */
    public static Money owned(List<Resource> told, Predicate<Resource> counts, Rule rule, Reasoning why) {
        Money sum = Money.ZERO;
        for (Resource resource : told) {
            boolean in = counts.test(resource);
            why.money(
                    in ? "resourceLine" : "resourceLineOut",
                    resource.amount(),
                    rule,
                    s -> s.input("kind", resource.kind()).fact("resources"));
            sum = in ? sum.plus(resource.amount()) : sum;
        }
        return sum;
    }
}
