package org.civitane.core.programme.namechange;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Facts;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.MustBeGiven;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Signature;
import org.civitane.core.casefile.WrittenAs;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.WordOf;
import org.civitane.core.fault.Fault;
import org.civitane.core.identity.IdentityDocument;

/**
 * One application for a change of name; the components are the fields of the case file.
 *
 * @param officeError whether the entry to correct was the office's own mistake
 * @param refused ids of members who answered no
 * @param deed what bears the new name out
 * @param isProtected whether the bearer's data are closed to the public
 * @param earlierChanges the days of the bearer's earlier changes
 * @param openDebts what the bearer owes under court judgments
 * @param review what was found of convictions and debts
 * @param told the registers that are told
 */
public record NameChangeCase(
        @WordOf(SaidBy.AGENCY) LocalDateTime receivedAt,
        List<Person> members,
        List<IncomeLine> incomes,
        List<String> noIncomeDeclared,
        Optional<FullName> newName,
        Optional<Ground> ground,
        @WordOf(SaidBy.AGENCY) boolean officeError,
        Optional<ForChild> forChild,
        @WordOf(SaidBy.CO_SIGNER) List<String> refused,
        List<IdentityDocument> documents,
        Optional<Deed> deed,
        @WordOf(SaidBy.AGENCY) boolean phoneConfirmed,
        @WordOf(SaidBy.AGENCY) @WrittenAs("protected") boolean isProtected,
        @WordOf(SaidBy.REGISTER) Optional<List<LocalDate>> earlierChanges,
        @WordOf(SaidBy.REGISTER) Optional<NameRegister> nameRegister,
        @WordOf(SaidBy.REGISTER) Optional<Convictions> convictions,
        @WordOf(SaidBy.REGISTER) Optional<Money> openDebts,
        @WordOf(SaidBy.AGENCY) Optional<Review> review,
        @WordOf(SaidBy.AGENCY) Optional<Notice> notice,
        @WordOf(SaidBy.AGENCY) Optional<Payment> payment,
        @WrittenAs("notify") List<Register> told,
        @WordOf(SaidBy.AGENCY) Optional<LocalDate> decidedOn,
        @WordOf(SaidBy.AGENCY) List<Signature> signatures)
        implements CaseFile {
    private static final int MOST_HOLDERS = 2;

    /** A name in its two parts. */
    public record FullName(String givenName, String familyName) {
        /** @throws InvalidFact when a part is empty once it is tidied */
        public FullName {
            require(givenName, "givenName");
            require(familyName, "familyName");
        }

        private static void require(String part, String name) {
            if (Tidied.of(part).text().isEmpty()) {
                throw new InvalidFact("/" + name, Fault.of("must-be-given", name));
            }
        }

        String full() {
            return givenName + " " + familyName;
        }
    }

    /** Why it is changed. */
    public enum Ground {
        MARRIAGE,
        DIVORCE,
        GENDER,
        PREFERENCE,
        CORRECTION,
        ADOPTION
    }

    /**
     * A child whose name is changed.
     *
     * @param holders ids of the one or two who hold care, by the civil register
     * @param courtOrder whether a court has put its consent in place of everyone else's
     */
    public record ForChild(
            String child,
            @MustBeGiven List<String> holders,
            @WordOf(SaidBy.AGENCY) boolean courtOrder) {
        /** @throws InvalidFact when those who hold care cannot be the ones */
        public ForChild {
            holders = List.copyOf(holders);
            if (holders.isEmpty()
                    || holders.size() > MOST_HOLDERS
                    || holders.contains(child)
                    || Set.copyOf(holders).size() < holders.size()) {
                throw new InvalidFact("/holders", Fault.of("holders"));
            }
        }
    }

    /** A deed. @param names the people it names, for an adoption and a birth the child as it is to be called */
    public record Deed(Kind kind, @MustBeGiven List<FullName> names) {
        public Deed {
            names = List.copyOf(names);
        }

        /** What it is. */
        public enum Kind {
            MARRIAGE_CERTIFICATE,
            DIVORCE_DECREE,
            BIRTH_CERTIFICATE,
            ADOPTION_ORDER
        }
    }

    /**
     * Who bears the new family name, and what they say.
     *
     * @param unavailable whether the register is; then there is nothing else
     */
    public record NameRegister(
            Optional<Integer> bearers,
            Optional<LocalDate> askedOn,
            Optional<Integer> consented,
            Optional<Integer> refused,
            boolean unavailable) {
        /** @throws InvalidFact when a number is not there or below 0, or more answered than there are */
        public NameRegister {
            if (!unavailable) {
                require(bearers, "bearers");
                require(consented, "consented");
                require(refused, "refused");
            }
            Facts.checkAtLeast(0, bearers.orElse(0), "/bearers");
            Facts.checkAtLeast(0, consented.orElse(0), "/consented");
            Facts.checkAtLeast(0, refused.orElse(0), "/refused");
            long answered = (long) consented.orElse(0) + refused.orElse(0);
            if (!unavailable && answered > bearers.orElse(0)) {
                throw new InvalidFact("/consented", Fault.of("more-than-there-are"));
            }
        }

        private static void require(Optional<Integer> number, String name) {
            if (number.isEmpty()) {
                throw new InvalidFact("/" + name, Fault.of("must-be-given", name));
            }
        }
    }

    /** What the police register says. */
    public enum Convictions {
        CLEAR,
        POSSIBLE_MATCH,
        ENTRIES,
        UNAVAILABLE
    }

    /** Whether an objection stands. */
    public enum Review {
        STANDS,
        NONE_STANDS
    }

    /** A public notice. @param objections how many there were @param review what was found of them */
    public record Notice(LocalDate publishedOn, int objections, Optional<Review> review) {
        /** @throws InvalidFact when there are fewer than none */
        public Notice {
            Facts.checkAtLeast(0, objections, "/objections");
        }
    }

    /** Whether the fee is paid; when decides nothing. */
    public record Payment(boolean paid, Optional<LocalDate> on) {}

    /** Registers that can be told. */
    public enum Register {
        TAX,
        HEALTH,
        VOTERS,
        VEHICLES,
        LAND
    }

    /** @throws InvalidFact as {@link Facts#check}; at someone who cannot be meant, or a day that cannot be */
    public NameChangeCase {
        members = List.copyOf(members);
        incomes = List.copyOf(incomes);
        noIncomeDeclared = List.copyOf(noIncomeDeclared);
        refused = List.copyOf(refused);
        documents = List.copyOf(documents);
        earlierChanges = Facts.copyOf(earlierChanges);
        told = List.copyOf(told);
        signatures = List.copyOf(signatures);
        Facts.check(receivedAt, members, incomes, noIncomeDeclared, signatures);
        Facts.checkUnique("/documents", documents, IdentityDocument::id);
        checkPeople(members, forChild, refused);
        Facts.checkNotBefore(receivedAt, notice.map(Notice::publishedOn), "/notice/publishedOn");
        Facts.checkDecided(receivedAt, decidedOn);
    }

    private static void checkPeople(List<Person> members, Optional<ForChild> forChild, List<String> refused) {
        String self = Person.applicantOf(members).id();
        Facts.checkMember(members, forChild.map(ForChild::child), "/forChild/child");
        if (forChild.filter(each -> each.child().equals(self)).isPresent()) {
            throw new InvalidFact("/forChild/child", Fault.of("not-the-applicant"));
        }
        List<String> holders = forChild.map(ForChild::holders).orElse(List.of());
        for (int i = 0; i < holders.size(); i++) {
            Facts.checkMember(members, Optional.of(holders.get(i)), "/forChild/holders/" + i);
        }
        for (int i = 0; i < refused.size(); i++) {
            Facts.checkMember(members, Optional.of(refused.get(i)), "/refused/" + i);
            if (refused.get(i).equals(self)) {
                throw new InvalidFact("/refused/" + i, Fault.of("not-the-applicant"));
            }
        }
    }

    /** The day that counts: that of the decision, or the received date while there is none. */
    LocalDate day() {
        return decidedOn.orElseGet(this::receivedOn);
    }

    Person applicant() {
        return Person.applicantOf(members);
    }

    /** Whose name changes: the child, or the applicant. */
    Person bearer() {
        return forChild.map(each -> member(each.child())).orElseGet(this::applicant);
    }

    Person member(String id) {
        return members.stream().filter(each -> each.id().equals(id)).findFirst().orElseThrow();
    }

    @Override
    public NameChangeCase withIncomes(List<IncomeLine> lines) {
        return new NameChangeCase(
                receivedAt,
                members,
                lines,
                noIncomeDeclared,
                newName,
                ground,
                officeError,
                forChild,
                refused,
                documents,
                deed,
                phoneConfirmed,
                isProtected,
                earlierChanges,
                nameRegister,
                convictions,
                openDebts,
                review,
                notice,
                payment,
                told,
                decidedOn,
                signatures);
    }
}
