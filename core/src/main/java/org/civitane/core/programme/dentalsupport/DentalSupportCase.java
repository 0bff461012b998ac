package org.civitane.core.programme.dentalsupport;

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
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.Signature;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.WordOf;
import org.civitane.core.fault.Fault;

/**
 * One application for children's dental support; the components are the fields of the case file.
 *
 * @param period such as {@code 2026-27}; not given, the one in which the received date lies
 * @param partnerAssessed whether the partner filed a return; not read without a partner
 * @param statedIncome the family's income of a year as the person puts it, for the estimate alone
 * @param payEvery not given, once
 * @param statements what is attested, each once, and once for each child where it is about one
 */
public record DentalSupportCase(
        @WordOf(SaidBy.AGENCY) LocalDateTime receivedAt,
        List<Person> members,
        List<IncomeLine> incomes,
        List<String> noIncomeDeclared,
        Optional<String> period,
        List<Child> children,
        @WordOf(SaidBy.REGISTER) Optional<FamilyIncome> familyIncome,
        @WordOf(SaidBy.REGISTER) boolean partnerAssessed,
        Optional<Money> statedIncome,
        List<Employment> employment,
        Optional<Payout> payout,
        Optional<PayEvery> payEvery,
        List<Statement> statements,
        @WordOf(SaidBy.AGENCY) Optional<LocalDate> decidedOn,
        @WordOf(SaidBy.AGENCY) List<Signature> signatures)
        implements CaseFile {
    /**
     * A child for whom support is asked.
     *
     * @param member the id of the child
     * @param privateCover whether someone else pays for the dentist
     * @param childBenefit whether the applicant draws child benefit for the child; absent while the register is silent
     * @param alreadyPaid in how many other periods the child was awarded
     * @param alreadyInPeriod whether the child was awarded in this one
     */
    public record Child(
            String member,
            Care care,
            Optional<Boolean> privateCover,
            Optional<Visit> visit,
            @WordOf(SaidBy.REGISTER) Optional<Boolean> childBenefit,
            @WordOf(SaidBy.AGENCY) Optional<Integer> alreadyPaid,
            @WordOf(SaidBy.AGENCY) boolean alreadyInPeriod) {
        /** @throws InvalidFact when {@code alreadyPaid} is below 0 */
        public Child {
            Facts.checkAtLeast(0, alreadyPaid.orElse(0), "/alreadyPaid");
        }

        /** Whether the child lives with the applicant alone. */
        public enum Care {
            FULL,
            SHARED
        }

        /** A visit to a dentist, kept or to come. */
        public record Visit(LocalDate on, String provider, boolean attended) {}
    }

    /**
     * The tax register's answer.
     *
     * @param assessed whether a return was filed; without one the amount is not read
     */
    public record FamilyIncome(int year, Optional<Money> amount, boolean assessed) {
        /** @throws InvalidFact when it is assessed without an amount */
        public FamilyIncome {
            if (assessed && amount.isEmpty()) {
                throw new InvalidFact("/amount", Fault.of("must-be-given", "amount"));
            }
        }
    }

    /** What someone works; lines of others than applicant and partner are not read. */
    public record Employment(String member, Status status, Optional<String> employer) {
        /** How they work. */
        public enum Status {
            EMPLOYED,
            SELF_EMPLOYED,
            NONE
        }
    }

    /** Where the money goes. @param cheque whether by cheque; then the IBAN is not read */
    public record Payout(Optional<String> iban, boolean cheque) {}

    /** How often it is paid. */
    public enum PayEvery {
        ONCE,
        QUARTERLY,
        MONTHLY
    }

    /**
     * Something attested.
     *
     * @param child the id of the child it is about, with the three codes that are about one and with no other
     */
    public record Statement(Code code, Optional<String> child, boolean agreed) {
        /** @throws InvalidFact when a child is named or not as the code has it */
        public Statement {
            if (child.isPresent() != code.ofChild) {
                throw new InvalidFact("/child", Fault.of(code.ofChild ? "must-be-given" : "not-of-a-child", "child"));
            }
        }

        /** What is attested. */
        public enum Code {
            TRUE(false),
            PENALTY(false),
            USE_OF_DATA(false),
            MAY_ASK_EMPLOYER(false),
            VISIT(true),
            NO_COVER(true),
            NOT_REIMBURSED(true);

            private final boolean ofChild;

            Code(boolean ofChild) {
                this.ofChild = ofChild;
            }
        }

        private record What(Code code, Optional<String> child) {}
    }

    /**
     * @throws InvalidFact as {@link Facts#check}; at a period that is none, at someone who is no member, and at the second
     *     of two children, lines of employment or statements that are the same
     */
    public DentalSupportCase {
        members = List.copyOf(members);
        incomes = List.copyOf(incomes);
        noIncomeDeclared = List.copyOf(noIncomeDeclared);
        children = List.copyOf(children);
        employment = List.copyOf(employment);
        statements = List.copyOf(statements);
        signatures = List.copyOf(signatures);
        Facts.check(receivedAt, members, incomes, noIncomeDeclared, signatures);
        if (period.filter(text -> SupportPeriod.read(text).isEmpty()).isPresent()) {
            throw new InvalidFact("/period", Fault.of("support-period"));
        }
        Facts.checkNamed(members, children, child -> Optional.of(child.member()), "/children/", "/member");
        Facts.checkNamed(members, employment, line -> Optional.of(line.member()), "/employment/", "/member");
        Facts.checkNamed(members, statements, Statement::child, "/statements/", "/child");
        Facts.checkOnce(children, Child::member, "/children/", "/member");
        Facts.checkOnce(employment, Employment::member, "/employment/", "/member");
        Facts.checkOnce(
                statements, statement -> new Statement.What(statement.code(), statement.child()), "/statements/", "");
    }

    /** The period that is asked for. */
    SupportPeriod supportPeriod() {
        return period.flatMap(SupportPeriod::read).orElseGet(() -> SupportPeriod.around(receivedOn()));
    }

    /** The day that counts for visits and payments: the later of the received date and that of the decision. */
    LocalDate day() {
        LocalDate receivedOn = receivedOn();
        return decidedOn.filter(receivedOn::isBefore).orElse(receivedOn);
    }

    Person applicant() {
        return Person.applicantOf(members);
    }

    /** The first of the members who is a spouse or a partner. */
    Optional<Person> partner() {
        return members.stream()
                .filter(member ->
                        member.relationship() == Relationship.SPOUSE || member.relationship() == Relationship.PARTNER)
                .findFirst();
    }

    /** The line of employment of a member. */
    Optional<Employment> employmentOf(Person member) {
        return employment.stream()
                .filter(line -> line.member().equals(member.id()))
                .findFirst();
    }

    boolean isAgreed(Statement.Code code, Optional<String> child) {
        return statements.stream()
                .anyMatch(each ->
                        each.agreed() && each.code() == code && each.child().equals(child));
    }

    @Override
    public DentalSupportCase withIncomes(List<IncomeLine> lines) {
        return new DentalSupportCase(
                receivedAt,
                members,
                lines,
                noIncomeDeclared,
                period,
                children,
                familyIncome,
                partnerAssessed,
                statedIncome,
                employment,
                payout,
                payEvery,
                statements,
                decidedOn,
                signatures);
    }
}
