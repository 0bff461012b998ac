package org.civitane.core.casefile;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
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

    /** Whether income is stated for a member: by a line of any kind, or by declaring that there is none (rulebook 0.2). */
    default boolean statesIncomeOf(String member) {
        List<IncomeLine> incomes = incomes();
        for (int i = 0; i < incomes.size(); i++) {
            if (incomes.get(i).member().equals(member)) {
                return true;
            }
        }
        return noIncomeDeclared().contains(member);
    }
}
