package org.civitane.core.programme.mortgagearrears;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.ChronoUnit;
import org.civitane.core.amount.Money;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.mortgagearrears.MortgageArrearsCase.LenderAnswer;
import org.civitane.core.programme.mortgagearrears.MortgageArrearsCase.Loan;
import org.civitane.core.programme.mortgagearrears.MortgageArrearsCase.Loan.Extra;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/**
 * What brings the loan up to date, by what the lender says (chapter, Amount).
 *
 * @param fallenDue how many payments have fallen due since the lender's day
 * @param due what is overdue on the day of deciding
 * @param extras what is overdue beside the loan
 * @param difference what the lender says is due less what the owner says; may be negative
 * @param total what is paid
 * @param left what is not covered
 */
record Amount(int fallenDue, Money due, Money extras, Money difference, Money total, Money left) {
    private static final Rule RULE = new Rule(MortgageArrears.ID, "Amount");

    /** @param answer one that {@link LenderAnswer#counts} */
    static Amount of(Loan loan, LenderAnswer answer, LocalDate decidedOn, PolicyVersion version, Reasoning why) {
        LocalDate asOf = answer.asOf().orElseThrow();
        Money said = answer.due().orElseThrow();
        Money monthly = answer.monthly().orElseThrow();
        int fallenDue = why.count(
                "fallenDue",
                firstsBetween(asOf, decidedOn),
                RULE,
                s -> s.input("asOf", Value.of(asOf))
                        .input("decidedOn", Value.of(decidedOn))
                        .fact("lenderAnswer", "asOf"));
        Money due = why.money(
                "due",
                said.plus(monthly.times(fallenDue)),
                RULE,
                s -> s.input("said", said).input("fallenDue", fallenDue).input("monthly", monthly));
        Money extras = why.money(
                "extras",
                loan.extra().stream().map(Extra::amount).reduce(Money.ZERO, Money::plus),
                RULE,
                s -> s.fact("loan", "extra"));
        Money difference = why.money(
                "difference",
                said.minus(loan.due()),
                RULE,
                s -> s.input("said", said).input("owner", loan.due()).fact("loan", "due"));
        Money owed = due.plus(extras);
        Money most = MortgageArrearsPolicy.of(version).mostTotal;
        Money total = why.money(
                "total",
                owed.limitedTo(most),
                RULE,
                s -> s.input("due", due)
                        .input("extras", extras)
                        .input("most", most)
                        .table(version));
        return new Amount(fallenDue, due, extras, difference, total, owed.minus(total));
    }

    Figures after(Figures figures) {
        return figures.with("fallenDue", Value.of(fallenDue))
                .with("due", Value.of(due))
                .with("extras", Value.of(extras))
                .with("difference", Value.of(difference));
    }

    /** How many firsts of a month lie after one day, up to and including another; 0 when that is not later. */
    private static int firstsBetween(LocalDate after, LocalDate upTo) {
        return (int) Math.max(0, ChronoUnit.MONTHS.between(YearMonth.from(after), YearMonth.from(upTo)));
    }
}
