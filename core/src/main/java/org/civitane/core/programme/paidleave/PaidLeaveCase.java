package org.civitane.core.programme.paidleave;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.Quarter;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Facts;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Signature;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.WordOf;

/**
 * One application for paid leave; the components are the fields of the case file.
 *
 * @param end may be an estimate
 * @param benefitsBegin if later than {@code start}, because the employer's own leave is used first
 * @param schedule the hours of each weekday; a day not named has none
 * @param reducedHoursPerWeek what is still worked, for {@code REDUCED}
 */
public record PaidLeaveCase(
        @WordOf(SaidBy.AGENCY) LocalDateTime receivedAt,
        List<Person> members,
        List<IncomeLine> incomes,
        List<String> noIncomeDeclared,
        Optional<Reason> reason,
        boolean pregnancyComplication,
        Optional<Pattern> pattern,
        Optional<LocalDate> start,
        Optional<LocalDate> end,
        Optional<LocalDate> benefitsBegin,
        Map<DayOfWeek, Hundredths> schedule,
        Optional<Hundredths> reducedHoursPerWeek,
        Optional<List<Absence>> absences,
        @WordOf(SaidBy.REGISTER) Optional<List<QuarterWages>> quarterWages,
        Optional<Notice> notice,
        List<OtherIncome> otherIncome,
        Optional<Withhold> withhold,
        @WordOf(SaidBy.AGENCY) List<PriorLeave> priorLeave,
        @WordOf(SaidBy.AGENCY) List<Signature> signatures)
        implements CaseFile {
    /** Why someone is away. */
    public enum Reason {
        OWN_HEALTH,
        FAMILY_CARE,
        NEW_CHILD,
        SAFETY
    }

    /** How someone is away: all the time, for part of each day, or on single days. */
    public enum Pattern {
        CONTINUOUS,
        REDUCED,
        INTERMITTENT
    }

    /** Hours missed on one day. */
    public record Absence(LocalDate date, Hundredths hours) {}

    /** Wages of one quarter; several lines of one quarter are added. */
    public record QuarterWages(Quarter quarter, Money amount) {}

    /** When the employer was told. */
    public record Notice(LocalDate on, boolean emergency) {}

    /** Money from elsewhere for the time away; {@code from} and {@code to} included. */
    public record OtherIncome(Kind kind, Money weeklyAmount, LocalDate from, LocalDate to) {
        /** Where it comes from. */
        public enum Kind {
            EMPLOYER_TOP_UP,
            PRIVATE_INSURANCE,
            UNEMPLOYMENT_BENEFIT,
            WORK_INJURY_BENEFIT
        }

        /** Whether it covers any day from {@code first} to {@code last}. */
        boolean hasAnyDayIn(LocalDate first, LocalDate last) {
            LocalDate begin = from.isAfter(first) ? from : first;
            LocalDate finish = to.isBefore(last) ? to : last;
            return !begin.isAfter(finish);
        }
    }

    /** Which taxes are to be taken off. */
    public record Withhold(boolean national, boolean regional) {}

    /** Leave taken before; counts only when {@code APPROVED} or {@code PENDING}. */
    public record PriorLeave(LocalDate from, Hundredths weeks, String status) {
        boolean counts() {
            return status.equals("APPROVED") || status.equals("PENDING");
        }
    }

    /** @throws org.civitane.core.casefile.InvalidFact as {@link Facts#check} */
    public PaidLeaveCase {
        members = List.copyOf(members);
        incomes = List.copyOf(incomes);
        noIncomeDeclared = List.copyOf(noIncomeDeclared);
        schedule = Map.copyOf(schedule);
        absences = Facts.copyOf(absences);
        quarterWages = Facts.copyOf(quarterWages);
        otherIncome = List.copyOf(otherIncome);
        priorLeave = List.copyOf(priorLeave);
        signatures = List.copyOf(signatures);
        Facts.check(receivedAt, members, incomes, noIncomeDeclared, signatures);
    }

    @Override
    public PaidLeaveCase withIncomes(List<IncomeLine> lines) {
        return new PaidLeaveCase(
                receivedAt,
                members,
                lines,
                noIncomeDeclared,
                reason,
                pregnancyComplication,
                pattern,
                start,
                end,
                benefitsBegin,
                schedule,
                reducedHoursPerWeek,
                absences,
                quarterWages,
                notice,
                otherIncome,
                withhold,
                priorLeave,
                signatures);
    }

    Person worker() {
        return Person.applicantOf(members);
    }
}
