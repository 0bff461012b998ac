package org.civitane.core.programme.paidleave;

import static org.civitane.core.question.Question.Widget.AMOUNT;
import static org.civitane.core.question.Question.Widget.DATE;
import static org.civitane.core.question.Question.Widget.EACH_PERSON;
import static org.civitane.core.question.Question.Widget.EMPLOYER;
import static org.civitane.core.question.Question.Widget.GROUP;
import static org.civitane.core.question.Question.Widget.HOURS;
import static org.civitane.core.question.Question.Widget.NUMBER;
import static org.civitane.core.question.Question.Widget.OCCUPATION;
import static org.civitane.core.question.Question.Widget.RECORD;
import static org.civitane.core.question.Question.Widget.ROWS;
import static org.civitane.core.question.Question.Widget.TEXT;
import static org.civitane.core.question.Question.Widget.YES_NO;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.Quarter;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.Signature;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Doubt;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Notice;
import org.civitane.core.programme.paidleave.PaidLeaveCase.OtherIncome;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Pattern;
import org.civitane.core.programme.paidleave.PaidLeaveCase.PriorLeave;
import org.civitane.core.programme.paidleave.PaidLeaveCase.QuarterWages;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Reason;
import org.civitane.core.question.Answers;
import org.civitane.core.question.Chapter;
import org.civitane.core.question.PaintedDays;
import org.civitane.core.question.Question;

/** What paid leave asks, and in which order. */
final class PaidLeaveForm implements OnlineForm<PaidLeaveCase> {
    private static final List<Chapter> CHAPTERS = List.of(
            Chapter.of(
                    "you",
                    Question.of("members", EACH_PERSON)
                            .asking(
                                    Question.of("givenName", TEXT),
                                    Question.of("familyName", TEXT),
                                    Question.of("dateOfBirth", DATE))),
            Chapter.of(
                    "reason",
                    Question.choice("reason", Reason.class),
                    Question.of("pregnancyComplication", YES_NO)
                            .optional()
                            .onlyWhen("reason", Reason.OWN_HEALTH.name()),
                    Question.of("careProvider", RECORD)
                            .asking(Question.of("name", TEXT))
                            .onlyWhen("reason", Reason.OWN_HEALTH.name(), Reason.FAMILY_CARE.name())),
            Chapter.of(
                    "work",
                    Question.of("employer", RECORD).asking(Question.of("name", EMPLOYER)),
                    Question.of("occupation", OCCUPATION).optional(),
                    hoursOfEachWeekday(),
                    Question.of("notice", GROUP).asking(Question.of("on", DATE), Question.of("emergency", YES_NO))),
            Chapter.of(
                    "leave",
                    Question.choice("pattern", Pattern.class),
                    Question.of("reducedHoursPerWeek", HOURS).onlyWhen("pattern", Pattern.REDUCED.name()),
                    Question.of("start", DATE),
                    Question.of("end", DATE),
                    Question.of("benefitsBegin", DATE).optional(),
                    Question.of("absences", ROWS)
                            .asking(Question.of("date", DATE), Question.of("hours", HOURS))
                            .onlyWhen("pattern", Pattern.INTERMITTENT.name())),
            Chapter.of(
                    "money",
                    Question.of("otherIncome", ROWS)
                            .asking(
                                    Question.choice("kind", OtherIncome.Kind.class),
                                    Question.of("weeklyAmount", AMOUNT),
                                    Question.of("from", DATE),
                                    Question.of("to", DATE))
                            .optional(),
                    Question.of("withhold", RECORD)
                            .asking(
                                    Question.of("national", YES_NO).optional(),
                                    Question.of("regional", YES_NO).optional())
                            .optional()));

    /** The hours of each weekday, as worker and employer say them. */
    static Question hoursOfEachWeekday() {
        return Question.of("schedule", RECORD)
                .asking(Arrays.stream(DayOfWeek.values())
                        .map(day -> Question.of(String.valueOf(day.getValue()), HOURS)
                                .optional())
                        .toArray(Question[]::new));
    }

    private static final List<Question> SCREENING = List.of(
            Question.of("wages", AMOUNT),
            Question.of("weekHours", NUMBER),
            Question.of("weeks", NUMBER),
            Question.of("usedWeeks", NUMBER),
            Question.of("told", YES_NO).optional());

    private static final int MOST_WEEK_HOURS = 80;
    private static final int MOST_WEEKS = 52;
    private static final int MONTHS_OF_A_QUARTER = 3;
    private static final int BASE_QUARTERS = 4;
    /** So that whoever tells their employer today tells them in time. */
    private static final int DAYS_AHEAD = 30;

    private static final int WEEKS_BEFORE = 26;

    @Override
    public List<Chapter> chapters() {
        return CHAPTERS;
    }

    @Override
    public List<Question> screening() {
        return SCREENING;
    }

    @Override
    public Set<String> saidInScreening() {
        return Set.of(
                "wagesTest",
                "weeklyBenefit",
                "available",
                "granted",
                "noticeMissing",
                "granted.APPROVED",
                "granted.PART_APPROVED");
    }

    @Override
    public Set<String> saidInEstimate() {
        return Set.of("weeklyBenefit", "requested", "granted");
    }

    @Override
    public Optional<PaintedDays> painted() {
        return Optional.of(new PaintedDays("leave", "start", "end", "absences", "date", "hours", "schedule"));
    }

    @Override
    public List<Question> supposing() {
        return List.of(Question.of("wages", AMOUNT).optional());
    }

    /** Each base quarter has three months of the wages that were told. */
    @Override
    public PaidLeaveCase supposed(PaidLeaveCase file, Map<String, String> typed) {
        Money month = new Answers(typed).amount("wages");
        return file.quarterWages().isPresent() || file.start().isEmpty()
                ? file
                : file.earning(evenly(file.start().orElseThrow(), month));
    }

    private static List<QuarterWages> evenly(LocalDate start, Money month) {
        Money quarter = month.times(MONTHS_OF_A_QUARTER);
        return IntStream.rangeClosed(1, BASE_QUARTERS)
                .mapToObj(back -> new QuarterWages(Quarter.of(start).minus(back), quarter))
                .toList();
    }

    @Override
    public List<Doubt> doubts(PaidLeaveCase file, PolicyBook book) {
        List<Doubt> doubts = new ArrayList<>();
        if (file.notice().filter(told -> told.on().isAfter(file.receivedOn())).isPresent()) {
            doubts.add(Doubt.of("told", "notice/on"));
        }
        if (file.benefitsBegin().isPresent()
                && file.end().filter(file.benefitsBegin().get()::isAfter).isPresent()) {
            doubts.add(Doubt.of("begins", "benefitsBegin"));
        }
        return doubts;
    }

    @Override
    public PaidLeaveCase sketch(Map<String, String> typed, LocalDateTime now) {
        Answers answers = new Answers(typed);
        LocalDate today = now.toLocalDate();
        LocalDate start = today.plusDays(DAYS_AHEAD).with(TemporalAdjusters.nextOrSame(DayOfWeek.MONDAY));
        int weeks = Math.max(1, answers.count("weeks", MOST_WEEKS));
        int used = answers.count("usedWeeks", MOST_WEEKS);
        return new PaidLeaveCase(
                now,
                List.of(new Person("m1", "A", "Va", today.minusYears(30), Relationship.SELF)),
                List.of(),
                List.of(),
                Optional.of(Reason.OWN_HEALTH),
                false,
                Optional.of(Pattern.CONTINUOUS),
                Optional.of(start),
                Optional.of(start.plusWeeks(weeks).minusDays(1)),
                Optional.empty(),
                week(Math.max(1, answers.count("weekHours", MOST_WEEK_HOURS))),
                Optional.empty(),
                Optional.empty(),
                Optional.of(evenly(start, answers.amount("wages"))),
                answers.yes("told", false) ? Optional.of(new Notice(today, false)) : Optional.empty(),
                List.of(),
                Optional.empty(),
                used == 0
                        ? List.of()
                        : List.of(new PriorLeave(
                                start.minusWeeks(WEEKS_BEFORE), Hundredths.parse(String.valueOf(used)), "APPROVED")),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(new Signature("m1", "A Va", now)));
    }

    /** Hours of a week, spread evenly over Monday to Friday. */
    private static Map<DayOfWeek, Hundredths> week(int hours) {
        Map<DayOfWeek, Hundredths> week = new EnumMap<>(DayOfWeek.class);
        for (int day = DayOfWeek.MONDAY.getValue(); day <= DayOfWeek.FRIDAY.getValue(); day++) {
            week.put(DayOfWeek.of(day), new Hundredths(hours * 100L / DayOfWeek.FRIDAY.getValue()));
        }
        return week;
    }
}
