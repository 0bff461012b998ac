package org.civitane.core.programme.mortgagearrears;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Facts;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Resource;
import org.civitane.core.casefile.Signature;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.WordOf;
import org.civitane.core.fault.Fault;

/**
 * One application for mortgage arrears relief; the components are the fields of the case file.
 *
 * @param missed monthly payments missed on the received date
 * @param lenderAnswer absent until the lender has answered
 * @param soughtWorkout whether easier terms were asked of the lender; no rule reads it
 * @param decidedOn the day of the decision, when it is later than the received date
 */
public record MortgageArrearsCase(
        @WordOf(SaidBy.AGENCY) LocalDateTime receivedAt,
        List<Person> members,
        List<IncomeLine> incomes,
        List<String> noIncomeDeclared,
        Optional<List<Resource>> resources,
        Optional<Hardship> hardship,
        Optional<Home> home,
        Optional<Integer> missed,
        Optional<Loan> loan,
        @WordOf(SaidBy.THIRD_PARTY) Optional<LenderAnswer> lenderAnswer,
        Optional<Bankruptcy> bankruptcy,
        Optional<SoughtWorkout> soughtWorkout,
        @WordOf(SaidBy.AGENCY) Optional<LocalDate> decidedOn,
        @WordOf(SaidBy.AGENCY) List<Signature> signatures)
        implements CaseFile {
    /** What made the loan too much, and since when. @param statement the owner's own account */
    public record Hardship(Reason reason, LocalDate since, Optional<String> statement) {
        /** Kinds of hardship. */
        public enum Reason {
            JOB_LOSS,
            FEWER_HOURS,
            ILLNESS,
            SEPARATION,
            DISASTER,
            OTHER
        }
    }

    /**
     * The home on which the loan lies.
     *
     * @param kind what it is; no rule reads it
     * @param primary whether the household lives there
     * @param otherHomes how many further homes any member owns
     */
    public record Home(String postCode, Kind kind, Boolean primary, OwnedBy ownedBy, int otherHomes) {
        /** @throws InvalidFact when {@code otherHomes} is below 0 */
        public Home {
            Facts.checkAtLeast(0, otherHomes, "/otherHomes");
        }

        /** What kind of home it is. */
        public enum Kind {
            HOUSE,
            FLAT,
            MOBILE
        }

        /** Who owns it. */
        public enum OwnedBy {
            PERSON,
            COMPANY
        }
    }

    /**
     * The loan, as its owner says.
     *
     * @param original what was borrowed; no rule reads it
     * @param monthly what is paid a month; no rule reads it
     * @param due what is overdue on the loan, not what is left to pay off
     * @param extra what is overdue beside it
     */
    public record Loan(
            String lender, String number, Optional<Money> original, Money monthly, Money due, List<Extra> extra) {
        /** @throws InvalidFact when {@code monthly} is 0 */
        public Loan {
            extra = List.copyOf(extra);
            if (!monthly.isPositive()) {
                throw new InvalidFact("/monthly", Fault.of("above-zero"));
            }
        }

        /** What is overdue beside the loan. */
        public record Extra(Kind kind, Money amount) {
            /** What it is owed for. */
            public enum Kind {
                TAX,
                INSURANCE,
                ASSOCIATION
            }
        }
    }

    /**
     * What the lender says.
     *
     * @param matched whether the lender knows the loan as this owner's
     * @param due what is overdue on {@code asOf}
     */
    public record LenderAnswer(
            Boolean takesPart,
            Boolean matched,
            Optional<LocalDate> asOf,
            Optional<Money> due,
            Optional<Money> monthly) {
        /** @throws InvalidFact at the first of the other three that is not there, while both are true */
        public LenderAnswer {
            if (takesPart && matched) {
                require(asOf.isPresent(), "/asOf");
                require(due.isPresent(), "/due");
                require(monthly.filter(Money::isPositive).isPresent(), "/monthly");
            }
        }

        /** Whether the lender takes part and knows the loan, so that its figures count. */
        boolean counts() {
            return takesPart && matched;
        }

        private static void require(boolean there, String pointer) {
            if (!there) {
                throw new InvalidFact(pointer, Fault.of("lender-figures"));
            }
        }
    }

    /** Whether a bankruptcy is open, and its trustee agrees. */
    public record Bankruptcy(boolean open, boolean trusteeConsent) {}

    /** What became of asking the lender for easier terms. */
    public enum SoughtWorkout {
        NO,
        DENIED,
        OPEN
    }

    /** @throws InvalidFact as {@link Facts#check}; when {@code missed} is below 0, or it is decided before it is received */
    public MortgageArrearsCase {
        members = List.copyOf(members);
        incomes = List.copyOf(incomes);
        noIncomeDeclared = List.copyOf(noIncomeDeclared);
        resources = Facts.copyOf(resources);
        signatures = List.copyOf(signatures);
        Facts.check(receivedAt, members, incomes, noIncomeDeclared, signatures);
        Facts.checkOwners(members, resources);
        Facts.checkAtLeast(0, missed.orElse(0), "/missed");
        Facts.checkDecided(receivedAt, decidedOn);
    }

    @Override
    public MortgageArrearsCase withIncomes(List<IncomeLine> lines) {
        return new MortgageArrearsCase(
                receivedAt,
                members,
                lines,
                noIncomeDeclared,
                resources,
                hardship,
                home,
                missed,
                loan,
                lenderAnswer,
                bankruptcy,
                soughtWorkout,
                decidedOn,
                signatures);
    }
}
