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
import org.civitane.core.occupation.UnitGroup;

/**
 * One application for paid leave; the components are the fields of the case file.
 *
 * @param end may be an estimate
 * @param benefitsBegin if later than {@code start}, because the employer's own leave is used first
 * @param schedule the hours of each weekday; a day not named has none
 * @param reducedHoursPerWeek what is still worked, for {@code REDUCED}
 * @param occupation what they do there
 * @param employer whom they work for; no rule reads it, nor what the employer or the care provider say: where that
 *     differs from the worker's word, it is resolved first
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
        Optional<UnitGroup> occupation,
        Optional<Employer> employer,
        Optional<CareProvider> careProvider,
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
        static final String APPROVED = "APPROVED";
        static final String PENDING = "PENDING";

        boolean counts() {
            return status.equals(APPROVED) || status.equals(PENDING);
        }
    }

    /**
     * Whom they work for, and what that employer says.
     *
     * @param toldOn the day on which they learned of the leave
     * @param topUp what they pay a week for the time away
     */
    public record Employer(
            String name,
            @WordOf(SaidBy.AGENCY) Optional<LocalDate> askedOn,
            @WordOf(SaidBy.THIRD_PARTY) Optional<String> job,
            @WordOf(SaidBy.THIRD_PARTY) Map<DayOfWeek, Hundredths> schedule,
            @WordOf(SaidBy.THIRD_PARTY) Optional<LocalDate> toldOn,
            @WordOf(SaidBy.THIRD_PARTY) Optional<Money> topUp) {
        public Employer {
            schedule = Map.copyOf(schedule);
        }

        boolean hasAnswered() {
            return job.isPresent();
        }
    }

    /**
     * Who gives the care that the leave is for, and what they certify; no diagnosis.
     *
     * @param careHours hours of care a week, as far as they can say
     * @param often how often, for leave on single days
     */
    public record CareProvider(
            String name,
            @WordOf(SaidBy.AGENCY) Optional<LocalDate> askedOn,
            @WordOf(SaidBy.THIRD_PARTY) Optional<Needed> needed,
            @WordOf(SaidBy.THIRD_PARTY) Optional<LocalDate> from,
            @WordOf(SaidBy.THIRD_PARTY) Optional<LocalDate> until,
            @WordOf(SaidBy.THIRD_PARTY) Optional<Hundredths> careHours,
            @WordOf(SaidBy.THIRD_PARTY) Optional<String> often) {
        /** Whether they certify that care is needed. */
        public enum Needed {
            YES,
            NO
        }

        /** Whether what they certify holds on a day; an end that they do not say is open. */
        boolean covers(LocalDate day) {
            return !from.filter(day::isBefore).isPresent()
                    && !until.filter(day::isAfter).isPresent();
        }

        boolean certifies() {
            return needed.equals(Optional.of(Needed.YES));
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
        return with(lines, start, end, benefitsBegin, absences, quarterWages, notice);
    }

    /** The same with wages known. */
    PaidLeaveCase earning(List<QuarterWages> wages) {
        return with(incomes, start, end, benefitsBegin, absences, Optional.of(wages), notice);
    }

    /** The same with the employer told on a day, in no emergency. */
    PaidLeaveCase told(LocalDate on) {
        return with(incomes, start, end, benefitsBegin, absences, quarterWages, Optional.of(new Notice(on, false)));
    }

    /** The same leave begun and ended some days later. */
    PaidLeaveCase moved(long days) {
        return with(
                incomes,
                start.map(day -> day.plusDays(days)),
                end.map(day -> day.plusDays(days)),
                benefitsBegin.map(day -> day.plusDays(days)),
                absences.map(each -> each.stream()
                        .map(absence -> new Absence(absence.date().plusDays(days), absence.hours()))
                        .toList()),
                quarterWages,
                notice);
    }

    private PaidLeaveCase with(
            List<IncomeLine> lines,
            Optional<LocalDate> first,
            Optional<LocalDate> last,
            Optional<LocalDate> paidFrom,
            Optional<List<Absence>> singly,
            Optional<List<QuarterWages>> wages,
            Optional<Notice> told) {
        return new PaidLeaveCase(
                receivedAt,
                members,
                lines,
                noIncomeDeclared,
                reason,
                pregnancyComplication,
                pattern,
                first,
                last,
                paidFrom,
                schedule,
                reducedHoursPerWeek,
                singly,
                wages,
                told,
                otherIncome,
                withhold,
                priorLeave,
                occupation,
                employer,
                careProvider,
                signatures);
    }

    Person worker() {
        return Person.applicantOf(members);
    }
}
