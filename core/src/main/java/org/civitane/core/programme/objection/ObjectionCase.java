package org.civitane.core.programme.objection;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.BlankIsGiven;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Facts;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.MustBeGiven;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Signature;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.WordOf;
import org.civitane.core.fault.Fault;

/**
 * One objection; the components are the fields of the case file.
 *
 * @param authority whether the representative's signed authority is on file
 * @param papers how many new ones there are
 * @param goodCause whether a reason for lateness was accepted
 * @param earlier whether an objection to this decision was decided before
 * @param askedOn the day on which what is missing was asked for
 * @param newCase the number of the claim that was determined anew
 * @param before the outcomes of the decision
 * @param after those made anew
 * @param warnedOn when the letter was sent that says what would become worse
 */
public record ObjectionCase(
        @WordOf(SaidBy.AGENCY) LocalDateTime receivedAt,
        List<Person> members,
        List<IncomeLine> incomes,
        List<String> noIncomeDeclared,
        @WordOf(SaidBy.AGENCY) Optional<Contestable> decision,
        Optional<Filer> filedBy,
        @WordOf(SaidBy.THIRD_PARTY) boolean authority,
        List<Contested> contested,
        List<Ground> grounds,
        Optional<String> explanation,
        Optional<Integer> papers,
        @WordOf(SaidBy.AGENCY) boolean goodCause,
        @WordOf(SaidBy.AGENCY) boolean earlier,
        @WordOf(SaidBy.AGENCY) Optional<LocalDate> askedOn,
        boolean hearingWanted,
        @WordOf(SaidBy.AGENCY) Optional<Hearing> hearing,
        @WordOf(SaidBy.AGENCY) Optional<String> reviewer,
        @WordOf(SaidBy.AGENCY) Optional<ReviewFinding> finding,
        @WordOf(SaidBy.AGENCY) Optional<String> newCase,
        @WordOf(SaidBy.AGENCY) List<Line> before,
        @WordOf(SaidBy.AGENCY) Optional<List<Line>> after,
        @WordOf(SaidBy.AGENCY) Optional<LocalDate> warnedOn,
        @WordOf(SaidBy.AGENCY) Optional<LocalDate> withdrawnOn,
        @WordOf(SaidBy.AGENCY) Optional<LocalDate> decidedOn,
        @WordOf(SaidBy.AGENCY) List<Signature> signatures)
        implements CaseFile {
    /**
     * The decision that is objected to.
     *
     * @param claim its number
     * @param on the day it was made
     * @param people the full names it is about, at least one
     * @param running what was paid a month before it and is under it, when it touches a benefit that was being paid
     */
    public record Contestable(
            String programme,
            String claim,
            LocalDate on,
            LocalDate sentOn,
            Way way,
            String result,
            String decidedBy,
            @MustBeGiven List<String> people,
            Optional<Running> running) {
        /** @throws InvalidFact when it is about nobody, or was sent before it was made */
        public Contestable {
            people = List.copyOf(people);
            if (people.isEmpty()) {
                throw new InvalidFact("/people", Fault.of("at-least-one"));
            }
            if (sentOn.isBefore(on)) {
                throw new InvalidFact("/sentOn", Fault.of("sent-first", on));
            }
        }

        /** How it was sent. */
        public enum Way {
            PORTAL,
            POST
        }

        /** Monthly amounts; a stop is 0. */
        public record Running(Money was, Money now) {
            boolean isLess() {
                return !was.within(now);
            }
        }
    }

    /** Who files it. */
    public enum Filer {
        PERSON,
        REPRESENTATIVE
    }

    /** What is contested: a fact of the decided case file, by its JSON Pointer, or a subject of its outcomes. */
    public record Contested(@BlankIsGiven Optional<String> fact, Optional<String> subject) {
        private static final Pattern POINTER = Pattern.compile("(/([^~/]|~[01])*)+", Pattern.DOTALL);

        /** @throws InvalidFact when none or both are given, or the fact is no pointer */
        public Contested {
            if (fact.filter(text -> !POINTER.matcher(text).matches()).isPresent()) {
                throw new InvalidFact("/fact", Fault.of("pointer"));
            }
            if (fact.isPresent() == subject.isPresent()) {
                throw new InvalidFact("", Fault.of("one-of-two", "fact", "subject"));
            }
        }
    }

    /** On which ground. */
    public enum Ground {
        FACT_WRONG,
        RULE_MISREAD,
        NEW_EVIDENCE,
        PROCEDURE
    }

    /** A hearing. @param sentOn when the invitation went out */
    public record Hearing(LocalDate sentOn, LocalDate on) {}

    /** What the reviewer found. */
    public enum ReviewFinding {
        STANDS,
        REDETERMINED,
        PROCEDURE_FAULT,
        FACTS_OPEN
    }

    /**
     * One outcome.
     *
     * @param amount what the person gets by it
     * @param charge what is asked of them
     * @param otherwise the reviewer's word on what else differs; read in {@code after} alone
     */
    public record Line(
            String subject,
            String result,
            Optional<Money> amount,
            Optional<Money> charge,
            Optional<Otherwise> otherwise) {
        /** For whom the rest is. */
        public enum Otherwise {
            FOR,
            AGAINST
        }
    }

    /**
     * @throws InvalidFact as {@link Facts#check}; at outcomes that are not there or there twice, papers below 0, or a day
     *     that cannot be
     */
    public ObjectionCase {
        members = List.copyOf(members);
        incomes = List.copyOf(incomes);
        noIncomeDeclared = List.copyOf(noIncomeDeclared);
        contested = List.copyOf(contested);
        grounds = List.copyOf(grounds);
        before = List.copyOf(before);
        after = Facts.copyOf(after);
        signatures = List.copyOf(signatures);
        Facts.check(receivedAt, members, incomes, noIncomeDeclared, signatures);
        Facts.checkAtLeast(0, papers.orElse(0), "/papers");
        if (decision.isPresent() && before.isEmpty()) {
            throw new InvalidFact("/before", Fault.of("at-least-one"));
        }
        if (after.filter(List::isEmpty).isPresent()) {
            throw new InvalidFact("/after", Fault.of("at-least-one"));
        }
        Facts.checkOnce(before, Line::subject, "/before/", "/subject");
        Facts.checkOnce(after.orElse(List.of()), Line::subject, "/after/", "/subject");
        Facts.checkNotAfter(receivedAt, decision.map(Contestable::on), "/decision/on");
        Facts.checkDecided(receivedAt, decidedOn);
    }

    /** The day that counts: that of the decision on the objection, or the received date while there is none. */
    LocalDate day() {
        return decidedOn.orElseGet(this::receivedOn);
    }

    Person filer() {
        return Person.applicantOf(members);
    }

    @Override
    public ObjectionCase withIncomes(List<IncomeLine> lines) {
        return new ObjectionCase(
                receivedAt,
                members,
                lines,
                noIncomeDeclared,
                decision,
                filedBy,
                authority,
                contested,
                grounds,
                explanation,
                papers,
                goodCause,
                earlier,
                askedOn,
                hearingWanted,
                hearing,
                reviewer,
                finding,
                newCase,
                before,
                after,
                warnedOn,
                withdrawnOn,
                decidedOn,
                signatures);
    }
}
