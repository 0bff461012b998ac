package org.civitane.core.programme.paidleave;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.programme.DayPlan;
import org.civitane.core.programme.DayPlan.Cell;
import org.civitane.core.programme.DayPlan.Layer;
import org.civitane.core.programme.paidleave.PaidLeaveCase.CareProvider;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Employer;
import org.civitane.core.programme.paidleave.PaidLeaveCase.PriorLeave;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Value;

/** The days of a leave as worker, employer and care provider say them and as this office has them, week by week. */
final class SideBySide {
    private static final String SAID = "SAID";
    private static final String EMPLOYER = "EMPLOYER";
    private static final String PROVIDER = "PROVIDER";
    private static final String RECORD = "RECORD";
    private static final int DAYS_IN_WEEK = 7;
    private static final int A_HUNDRED = 100;

    private final PaidLeaveCase file;
    private final HoursAway away;
    private final Optional<Employer> employer;
    private final Optional<CareProvider> provider;
    private final List<PriorLeave> before;

    private SideBySide(PaidLeaveCase file, HoursAway away) {
        this.file = file;
        this.away = away;
        this.employer = file.employer().filter(Employer::hasAnswered);
        this.provider = file.careProvider().filter(CareProvider::certifies);
        this.before = file.priorLeave().stream().filter(PriorLeave::counts).toList();
    }

    /** The weeks in which they do not say the same; none as long as nobody else has said anything. */
    static List<DayPlan.Compared> of(PaidLeaveCase file, HoursAway away) {
        SideBySide all = new SideBySide(file, away);
        LocalDate first = LeaveYear.mondayOf(away.from());
        return Stream.iterate(first, monday -> !monday.isAfter(away.to()), monday -> monday.plusWeeks(1))
                .limit(DayPlan.MOST_DAYS / DAYS_IN_WEEK)
                .map(all::week)
                .filter(DayPlan.Compared::differs)
                .toList();
    }

    private DayPlan.Compared week(LocalDate monday) {
        List<LocalDate> days = monday.datesUntil(monday.plusDays(DAYS_IN_WEEK)).toList();
        List<Layer> layers = new ArrayList<>();
        layers.add(layer(SAID, days.stream().map(this::said)));
        employer.ifPresent(said -> layers.add(layer(EMPLOYER, days.stream().map(day -> works(said, day)))));
        provider.ifPresent(said -> layers.add(layer(PROVIDER, days.stream().map(day -> certified(said, day)))));
        Layer record = layer(RECORD, days.stream().map(this::onRecord));
        if (record.cells().stream().anyMatch(cell -> cell.value().isPresent())) {
            layers.add(record);
        }
        return new DayPlan.Compared(monday, layers);
    }

    private static Layer layer(String code, Stream<Cell> cells) {
        return new Layer(code, cells.toList());
    }

    private Cell said(LocalDate day) {
        return away.on(day) > 0 ? Cell.of(away.inHours(away.on(day))) : Cell.EMPTY;
    }

    /** What they say is worked on a day away; it differs where the worker says otherwise of that weekday. */
    private Cell works(Employer said, LocalDate day) {
        Hundredths theirs = said.schedule().getOrDefault(day.getDayOfWeek(), Hundredths.ZERO);
        Hundredths mine = file.schedule().getOrDefault(day.getDayOfWeek(), Hundredths.ZERO);
        Cell cell = theirs.equals(Hundredths.ZERO) && mine.equals(Hundredths.ZERO)
                ? Cell.EMPTY
                : Cell.of(HoursAway.hours(theirs.toDecimal()));
        return away.on(day) > 0 && !theirs.equals(mine)
                ? cell.differing(FactPath.of("schedule/" + day.getDayOfWeek().getValue()))
                : cell;
    }

    private Cell certified(CareProvider said, LocalDate day) {
        Cell cell = Cell.of(Value.of(said.covers(day)));
        return away.on(day) > 0 && !said.covers(day)
                ? cell.differing(FactPath.of(said.from().filter(day::isBefore).isPresent() ? "start" : "end"))
                : cell;
    }

    /** Whether other leave of theirs lies in so many weeks from its first day. */
    private Cell onRecord(LocalDate day) {
        return before.stream().anyMatch(prior -> covers(prior, day)) ? Cell.of(Value.of(true)) : Cell.EMPTY;
    }

    private static boolean covers(PriorLeave prior, LocalDate day) {
        long days = (prior.weeks().count() * DAYS_IN_WEEK + A_HUNDRED - 1) / A_HUNDRED;
        return !day.isBefore(prior.from()) && day.isBefore(prior.from().plusDays(days));
    }
}
