package org.civitane.core.programme.supportintake;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
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
 * One application for support at a place of learning; the components are the fields of the case file.
 *
 * @param site the campus where they study
 * @param usedBefore whether they had adjustments before; no rule reads it
 * @param kinds of disability, as far as they name any; a kind named twice counts once
 * @param specify the same in their own words
 * @param limits what is made hard
 * @param wanted what would help
 * @param slots of the advisers' calendars, those still to come
 */
public record SupportIntakeCase(
        @WordOf(SaidBy.AGENCY) LocalDateTime receivedAt,
        List<Person> members,
        List<IncomeLine> incomes,
        List<String> noIncomeDeclared,
        Optional<String> studentNumber,
        Optional<String> email,
        Optional<Place> place,
        Optional<String> site,
        Optional<String> term,
        boolean usedBefore,
        List<Kind> kinds,
        Optional<String> specify,
        List<MadeHard> limits,
        Optional<String> wanted,
        @WordOf(SaidBy.AGENCY) List<Slot> slots,
        @WordOf(SaidBy.AGENCY) List<Signature> signatures)
        implements CaseFile {
    /** Kinds of disability. */
    public enum Kind {
        VISUAL,
        HEARING,
        SPEECH,
        MOBILITY,
        INTELLECTUAL,
        PSYCHOSOCIAL,
        NEUROLOGICAL,
        BLOOD,
        OTHER,
        ATTENTION,
        LEARNING,
        TEMPORARY
    }

    /** The place of learning. @param domains of its e-mail addresses, from the register of places; must be there */
    public record Place(
            String name,
            @WordOf(SaidBy.REGISTER) @MustBeGiven List<String> domains) {
        public Place {
            domains = List.copyOf(domains);
        }
    }

    /**
     * Half an hour in an adviser's calendar.
     *
     * @param start local time
     * @param taken by anyone
     * @param own already kept for this claim; then it is not free, whatever {@code taken} says
     */
    public record Slot(String adviser, String site, LocalDateTime start, boolean taken, boolean own) {
        private record When(String adviser, LocalDateTime start) {}

        private When when() {
            return new When(adviser, start);
        }
    }

    /** @throws InvalidFact as {@link Facts#check}; at a second member, or a slot that is there twice */
    public SupportIntakeCase {
        members = List.copyOf(members);
        incomes = List.copyOf(incomes);
        noIncomeDeclared = List.copyOf(noIncomeDeclared);
        kinds = List.copyOf(kinds);
        limits = List.copyOf(limits);
        slots = List.copyOf(slots);
        signatures = List.copyOf(signatures);
        Facts.check(receivedAt, members, incomes, noIncomeDeclared, signatures);
        if (members.size() > 1) {
            throw new InvalidFact("/members/1", Fault.of("one-member"));
        }
        Facts.checkOnce(slots, Slot::when, "/slots/", "/start");
    }

    @Override
    public SupportIntakeCase withIncomes(List<IncomeLine> lines) {
        return new SupportIntakeCase(
                receivedAt,
                members,
                lines,
                noIncomeDeclared,
                studentNumber,
                email,
                place,
                site,
                term,
                usedBefore,
                kinds,
                specify,
                limits,
                wanted,
                slots,
                signatures);
    }
}
