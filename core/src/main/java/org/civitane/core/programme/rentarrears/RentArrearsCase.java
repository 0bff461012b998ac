package org.civitane.core.programme.rentarrears;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Expense;
import org.civitane.core.casefile.Facts;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.MustBeGiven;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Resource;
import org.civitane.core.casefile.Signature;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.WordOf;
import org.civitane.core.fault.Fault;
import org.civitane.core.person.Names;

/**
 * One application for rent arrears relief; the components are the fields of the case file.
 *
 * @param explanation what happened, where the hardship's reason does not say
 * @param monthsAhead how many months to pay from the received month on, 0 to 3
 * @param alreadyAided months that were paid before; each once
 * @param decidedOn the day of the decision, when it is later than the received date
 */
public record RentArrearsCase(
        @WordOf(SaidBy.AGENCY) LocalDateTime receivedAt,
        List<Tenant> members,
        List<IncomeLine> incomes,
        List<String> noIncomeDeclared,
        Optional<List<Resource>> resources,
        List<Expense> expenses,
        Optional<Hardship> hardship,
        Optional<String> explanation,
        Optional<Home> home,
        Optional<Lease> lease,
        Optional<List<Owed>> arrears,
        Optional<Integer> monthsAhead,
        List<YearMonth> alreadyAided,
        @WordOf(SaidBy.AGENCY) Optional<LocalDate> decidedOn,
        Optional<Landlord> landlord,
        @WordOf(SaidBy.AGENCY) List<Signature> signatures)
        implements CaseFile {
    private static final int MOST_MONTHS_AHEAD = 3;

    /** What made the rent too much, and since when. */
    public record Hardship(Reason reason, LocalDate since) {
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
     * The home.
     *
     * @param rent a month
     * @param tenantShare what a subsidised tenant pays of it
     */
    public record Home(String postCode, int bedrooms, Money rent, Optional<Money> tenantShare) {
        /** @throws InvalidFact when {@code bedrooms} is below 0 */
        public Home {
            Facts.checkAtLeast(0, bedrooms, "/bedrooms");
        }
    }

    /** Whether the applicant is named in the lease; not as long as that was not told. */
    boolean isApplicantInLease() {
        String applicant = Person.applicantOf(members).name().full();
        return lease.stream()
                .flatMap(told -> told.names().stream())
                .anyMatch(name -> Names.compare(name, applicant) == Names.Verdict.MATCH);
    }

    /** The names of the tenants in the lease, as written there. */
    public record Lease(@MustBeGiven List<String> names) {
        public Lease {
            names = List.copyOf(names);
        }
    }

    /** What is owed for one month. */
    public record Owed(YearMonth month, Money owed) {}

    /**
     * Who lets the home.
     *
     * @param askedOn the day on which they were asked whether they take part
     * @param monthsOwed what is owed, as the landlord says; a month that is not listed is one for which nothing is. No
     *     rule reads it: where it differs from what the tenant says, that is resolved first
     */
    public record Landlord(
            String name,
            @WordOf(SaidBy.THIRD_PARTY) Optional<String> iban,
            @WordOf(SaidBy.THIRD_PARTY) TakesPart takesPart,
            @WordOf(SaidBy.AGENCY) Optional<LocalDate> askedOn,
            @WordOf(SaidBy.THIRD_PARTY) Optional<List<Owed>> monthsOwed) {
        /** @throws InvalidFact when a month is listed twice */
        public Landlord {
            monthsOwed = Facts.copyOf(monthsOwed);
            checkOnce(monthsOwed.orElse(List.of()).stream().map(Owed::month).toList(), "/monthsOwed/", "/month");
        }

        /** Whether the landlord takes the money. */
        public enum TakesPart {
            YES,
            NO,
            PENDING
        }
    }

    /**
     * @throws InvalidFact as {@link Facts#check}; at an owner or {@code for} of nobody; when a month is listed twice or
     *     {@code monthsAhead} is not 0 to 3
     */
    public RentArrearsCase {
        members = List.copyOf(members);
        incomes = List.copyOf(incomes);
        noIncomeDeclared = List.copyOf(noIncomeDeclared);
        resources = Facts.copyOf(resources);
        expenses = List.copyOf(expenses);
        arrears = Facts.copyOf(arrears);
        alreadyAided = List.copyOf(alreadyAided);
        signatures = List.copyOf(signatures);
        Facts.check(receivedAt, members, incomes, noIncomeDeclared, signatures);
        Facts.checkOwners(members, resources);
        Facts.checkExpenses(members, expenses);
        if (monthsAhead.isPresent() && (monthsAhead.get() < 0 || monthsAhead.get() > MOST_MONTHS_AHEAD)) {
            throw new InvalidFact("/monthsAhead", Fault.of("up-to", MOST_MONTHS_AHEAD));
        }
        List<YearMonth> owed =
                arrears.orElse(List.of()).stream().map(Owed::month).toList();
        checkOnce(owed, "/arrears/", "/month");
        checkOnce(alreadyAided, "/alreadyAided/", "");
    }

    @Override
    public RentArrearsCase withIncomes(List<IncomeLine> lines) {
        return new RentArrearsCase(
                receivedAt,
                members,
                lines,
                noIncomeDeclared,
                resources,
                expenses,
                hardship,
                explanation,
                home,
                lease,
                arrears,
                monthsAhead,
                alreadyAided,
                decidedOn,
                landlord,
                signatures);
    }

    private static void checkOnce(List<YearMonth> months, String before, String after) {
        Set<YearMonth> seen = new HashSet<>();
        for (int i = 0; i < months.size(); i++) {
            if (!seen.add(months.get(i))) {
                throw new InvalidFact(before + i + after, Fault.of("month-twice", months.get(i)));
            }
        }
    }
}
