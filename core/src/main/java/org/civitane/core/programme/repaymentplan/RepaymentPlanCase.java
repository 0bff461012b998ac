package org.civitane.core.programme.repaymentplan;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Facts;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Signature;
import org.civitane.core.casefile.WrittenAs;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.WordOf;

/**
 * One application for a repayment plan; the components are the fields of the case file.
 *
 * @param debts all the applicant owes, from the ledger, with what they say of each
 * @param kind the one kind the plan is for
 * @param months in how many instalments the rest is paid
 * @param firstShare percent of what is owed that is paid first
 * @param statements months whose bank statement is on file; each once
 * @param declaration that the figures are true and the plan will be kept
 * @param review what a caseworker found, where the plan does not fit
 * @param decidedOn the day of the decision, when it is later than the received date
 */
public record RepaymentPlanCase(
        @WordOf(SaidBy.AGENCY) LocalDateTime receivedAt,
        List<Person> members,
        List<IncomeLine> incomes,
        List<String> noIncomeDeclared,
        Optional<List<Cost>> expenses,
        Optional<List<Debt>> debts,
        Optional<DebtKind> kind,
        Optional<Reason> reason,
        Optional<String> explanation,
        Optional<Integer> months,
        Optional<Hundredths> firstShare,
        List<YearMonth> statements,
        boolean declaration,
        @WordOf(SaidBy.AGENCY) Optional<Review> review,
        @WordOf(SaidBy.AGENCY) Optional<LocalDate> decidedOn,
        @WordOf(SaidBy.AGENCY) List<Signature> signatures)
        implements CaseFile {
    /** What is owed to the agency for. */
    public enum DebtKind {
        OVERPAYMENT,
        FEE,
        TAX
    }

    /**
     * One debt, as the ledger has it.
     *
     * @param dueOn by when it was to be paid, which orders what payments are set against
     * @param interestFrom the day from which interest runs; not given, none does
     * @param inPlan whether it is in a plan already
     * @param answer what the applicant says of it
     */
    public record Debt(
            @WordOf(SaidBy.AGENCY) String id,
            @WordOf(SaidBy.AGENCY) DebtKind kind,
            @WordOf(SaidBy.AGENCY) Money amount,
            @WordOf(SaidBy.AGENCY) LocalDate dueOn,
            @WordOf(SaidBy.AGENCY) Optional<LocalDate> interestFrom,
            @WordOf(SaidBy.AGENCY) boolean inPlan,
            Optional<Answer> answer) {
        /** Whether it is owed, as the applicant says. */
        public enum Answer {
            CONFIRMED,
            DISPUTED
        }

        boolean isConfirmed() {
            return answer.filter(said -> said == Answer.CONFIRMED).isPresent();
        }
    }

    /** A regular expense. @param member the id of the member it is for; not given, the applicant */
    public record Cost(
            Kind kind,
            Money amount,
            Frequency frequency,
            @WrittenAs("for") Optional<String> member) {
        /** What it is for; all kinds count alike. */
        public enum Kind {
            RENT,
            MORTGAGE,
            PROPERTY_TAX,
            HOME_INSURANCE,
            DEPENDANT_CARE,
            MEDICAL,
            SUPPORT_PAID,
            UTILITIES,
            GROCERIES,
            TRANSPORT,
            DEBT,
            OTHER
        }

        /** The annual figure, exact. */
        Money annual() {
            return frequency.annual(amount);
        }
    }

    /** Why it cannot be paid at once. */
    public enum Reason {
        CASH_FLOW,
        ILLNESS,
        JOB_LOSS,
        DISASTER,
        OTHER
    }

    /** What a caseworker found of a plan that does not fit. */
    public enum Review {
        ACCEPTED,
        REFUSED
    }

    /**
     * @throws InvalidFact as {@link Facts#check}; at an expense for nobody, a debt's id or a month of a statement that is
     *     there twice, or when it is decided before it is received
     */
    public RepaymentPlanCase {
        members = List.copyOf(members);
        incomes = List.copyOf(incomes);
        noIncomeDeclared = List.copyOf(noIncomeDeclared);
        expenses = Facts.copyOf(expenses);
        debts = Facts.copyOf(debts);
        statements = List.copyOf(statements);
        signatures = List.copyOf(signatures);
        Facts.check(receivedAt, members, incomes, noIncomeDeclared, signatures);
        Facts.checkNamed(members, expenses.orElse(List.of()), Cost::member, "/expenses/", "/for");
        Facts.checkUnique("/debts", debts.orElse(List.of()), Debt::id);
        Facts.checkDecided(receivedAt, decidedOn);
        Facts.checkOnce(statements, month -> month, "/statements/", "");
    }

    @Override
    public RepaymentPlanCase withIncomes(List<IncomeLine> lines) {
        return new RepaymentPlanCase(
                receivedAt,
                members,
                lines,
                noIncomeDeclared,
                expenses,
                debts,
                kind,
                reason,
                explanation,
                months,
                firstShare,
                statements,
                declaration,
                review,
                decidedOn,
                signatures);
    }
}
