package org.civitane.core.casefile;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.civitane.core.calendar.BusinessCalendar;

/** One application to one programme: what all programmes ask. Immutable. */
public interface CaseFile {
    /** The moment of handing in, local agency time. */
    LocalDateTime receivedAt();

    /** The household, in the order given; exactly one is {@code SELF}. */
    List<? extends Member> members();

    List<IncomeLine> incomes();

    /** Ids of adults who declared that they have no income. */
    List<String> noIncomeDeclared();

    List<Signature> signatures();

    /** This case file with other income lines. */
    CaseFile withIncomes(List<IncomeLine> lines);

    /** The received date (rulebook 0.3). */
    default LocalDate receivedOn() {
        return BusinessCalendar.received(receivedAt());
    }

    /** Whether income is stated for a member (rulebook 0.2). */
    default boolean statesIncomeOf(String member) {
        return noIncomeDeclared().contains(member)
                || incomes().stream().anyMatch(line -> line.member().equals(member));
    }

    /**
     * The checks that hold for every programme: one applicant, no id twice, no id of nobody. Called by the
     * constructors of the programmes' records.
     *
     * @throws InvalidFact at the first fact that breaks one
     */
    static void check(
            List<? extends Member> members,
            List<IncomeLine> incomes,
            List<String> noIncomeDeclared,
            List<Signature> signatures) {
        Set<String> people = new HashSet<>();
        boolean applicant = false;
        for (int i = 0; i < members.size(); i++) {
            Member member = members.get(i);
            checkNew(people, member.id(), "/members/" + i + "/id");
            if (member.relationship() == Relationship.SELF) {
                if (applicant) {
                    throw new InvalidFact(
                            "/members/" + i + "/relationship", "Exactly one member is SELF; this is the second.");
                }
                applicant = true;
            }
        }
        if (!applicant) {
            throw new InvalidFact("/members", "One member must be SELF, the applicant.");
        }
        Set<String> lines = new HashSet<>();
        for (int i = 0; i < incomes.size(); i++) {
            checkNew(lines, incomes.get(i).id(), "/incomes/" + i + "/id");
            checkKnown(people, incomes.get(i).member(), "/incomes/" + i + "/member");
        }
        for (int i = 0; i < noIncomeDeclared.size(); i++) {
            checkKnown(people, noIncomeDeclared.get(i), "/noIncomeDeclared/" + i);
        }
        for (int i = 0; i < signatures.size(); i++) {
            checkKnown(people, signatures.get(i).member(), "/signatures/" + i + "/member");
        }
    }

    private static void checkNew(Set<String> seen, String id, String pointer) {
        if (!seen.add(id)) {
            throw new InvalidFact(pointer, "The id \"" + id + "\" is used twice.");
        }
    }

    private static void checkKnown(Set<String> people, String member, String pointer) {
        if (!people.contains(member)) {
            throw new InvalidFact(pointer, "No member has the id \"" + member + "\".");
        }
    }
}
