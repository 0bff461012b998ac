package org.civitane.core.programme.legalhelp;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Facts;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Resource;
import org.civitane.core.casefile.Signature;
import org.civitane.core.casefile.WrittenAs;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.WordOf;
import org.civitane.core.fault.Fault;

/**
 * One request for legal help; the components are the fields of the case file.
 *
 * @param screens what is asked first
 * @param detail what it is about; no rule reads it
 * @param violence whether someone harms or threatens them
 * @param contact how they can be reached, in the order given
 * @param knownParties whom the office's records have; an empty list says that nobody was found
 * @param conflictReview what a supervisor said who looked
 */
public record LegalHelpCase(
        @WordOf(SaidBy.AGENCY) LocalDateTime receivedAt,
        List<LegalMember> members,
        List<IncomeLine> incomes,
        List<String> noIncomeDeclared,
        Optional<List<Resource>> resources,
        Optional<List<Outgoing>> expenses,
        Optional<Screens> screens,
        Optional<Problem> problem,
        Optional<String> detail,
        Optional<District> district,
        Optional<List<Opponent>> opponents,
        boolean violence,
        List<Contact> contact,
        @WordOf(SaidBy.AGENCY) Optional<List<KnownParty>> knownParties,
        @WordOf(SaidBy.AGENCY) Optional<ConflictReview> conflictReview,
        @WordOf(SaidBy.AGENCY) Optional<LocalDate> decidedOn,
        @WordOf(SaidBy.AGENCY) List<Signature> signatures)
        implements CaseFile {
    /** What cannot wait. @param danger not safe where they are @param served court papers have come */
    public record Screens(
            boolean danger,
            boolean detained,
            boolean served,
            Optional<LocalDate> deadlineOn,
            Optional<LocalDate> hearingOn,
            Optional<LocalDate> evictionOn) {}

    /** A regular expense. @param member the id of the member it is for; not given, the applicant */
    public record Outgoing(
            Kind kind,
            Money amount,
            Frequency frequency,
            @WrittenAs("for") Optional<String> member) {
        /** What it is for. */
        public enum Kind {
            RENT(true),
            MORTGAGE(true),
            PROPERTY_TAX(false),
            HOME_INSURANCE(false),
            DEPENDANT_CARE(true),
            MEDICAL(true),
            SUPPORT_PAID(true),
            DEBT(true);

            private final boolean counts;

            Kind(boolean counts) {
                this.counts = counts;
            }
        }

        boolean counts() {
            return kind.counts;
        }

        /** The annual figure, exact. */
        Money annual() {
            return frequency.annual(amount);
        }
    }

    /** What it is about. */
    public enum Problem {
        FAMILY,
        HOUSING,
        WORK,
        BENEFITS,
        CONSUMER,
        IMMIGRATION,
        OTHER
    }

    /** Where they live. */
    public enum District {
        HARBOUR,
        HEATH,
        MIDLAND,
        OUTER;

        boolean isServed() {
            return this != OUTER;
        }
    }

    /** A person or an organisation on the other side. */
    public record Opponent(String name, Optional<LocalDate> dateOfBirth) {}

    /**
     * A way to reach them.
     *
     * @param value a phone number in E.164, an address, or the word that is agreed on
     * @param safe whether it can be used without harm; not read where the person calls or comes
     */
    public record Contact(
            Channel channel, String value, boolean safe, boolean safeToText, Optional<BestTime> bestTime) {
        private static final Pattern PHONE = Pattern.compile("\\+[1-9][0-9]{6,14}");

        /** @throws InvalidFact when a phone number is none */
        public Contact {
            if (channel == Channel.PHONE && !PHONE.matcher(value).matches()) {
                throw new InvalidFact("/value", Fault.of("phone"));
            }
        }

        /** How. */
        public enum Channel {
            PHONE,
            EMAIL,
            POST,
            CALLS_US
        }

        /** When. */
        public enum BestTime {
            MORNING,
            AFTERNOON,
            EVENING
        }

        /** Whether it may ever be used. */
        boolean isUsable() {
            return safe || channel == Channel.CALLS_US;
        }
    }

    /** Somebody of the office's records. @param matter in which */
    public record KnownParty(String name, Role role, String matter, Optional<LocalDate> dateOfBirth) {
        /** On which side. */
        public enum Role {
            CLIENT,
            OPPONENT
        }
    }

    /** What a supervisor said of a conflict. */
    public enum ConflictReview {
        CLEARED,
        CONFIRMED
    }

    /** @throws InvalidFact as {@link Facts#check}; at an owner or {@code for} of nobody */
    public LegalHelpCase {
        members = List.copyOf(members);
        incomes = List.copyOf(incomes);
        noIncomeDeclared = List.copyOf(noIncomeDeclared);
        resources = Facts.copyOf(resources);
        expenses = Facts.copyOf(expenses);
        opponents = Facts.copyOf(opponents);
        contact = List.copyOf(contact);
        knownParties = Facts.copyOf(knownParties);
        signatures = List.copyOf(signatures);
        Facts.check(receivedAt, members, incomes, noIncomeDeclared, signatures);
        Facts.checkOwners(members, resources);
        Facts.checkNamed(members, expenses.orElse(List.of()), Outgoing::member, "/expenses/", "/for");
    }

    /** The day from which calls are counted: the later of the received date and that of the decision. */
    LocalDate day() {
        LocalDate receivedOn = receivedOn();
        return decidedOn.filter(receivedOn::isBefore).orElse(receivedOn);
    }

    LegalMember applicant() {
        return Person.applicantOf(members);
    }

    /** Those whom the applicant accuses, once they say that someone harms or threatens them. */
    boolean isAccused(LegalMember member) {
        return violence && member.allegedAbuser();
    }

    @Override
    public LegalHelpCase withIncomes(List<IncomeLine> lines) {
        return new LegalHelpCase(
                receivedAt,
                members,
                lines,
                noIncomeDeclared,
                resources,
                expenses,
                screens,
                problem,
                detail,
                district,
                opponents,
                violence,
                contact,
                knownParties,
                conflictReview,
                decidedOn,
                signatures);
    }
}
