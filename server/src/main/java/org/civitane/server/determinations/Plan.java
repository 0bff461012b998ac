package org.civitane.server.determinations;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.programme.DayPlan;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Value;
import org.civitane.core.reasoning.Wording;

/**
 * The days that a case is about, in words, for a calendar.
 *
 * @param told what it comes to, sentence by sentence
 * @param later what would be otherwise if it began later
 * @param compared the weeks in which those who were asked do not say the same
 * @param kinds what each kind of day is called
 * @param holidays the public holidays of the months the days lie in
 */
public record Plan(
        String headline,
        List<String> told,
        List<PlanDay> days,
        List<PlanWeek> weeks,
        PlanYear year,
        List<PlanLater> later,
        List<PlanKind> kinds,
        List<PlanCompared> compared,
        List<LocalDate> holidays) {
    /** @param hours as people read them @param doubt what someone else has said that does not go with it */
    public record PlanDay(LocalDate date, DayPlan.Kind kind, String hours, Optional<String> doubt) {}

    /** @param paid empty where nothing is known or granted */
    public record PlanWeek(LocalDate monday, String hours, Optional<WeekPaid> paid) {}

    /** @param amount as the case file has it @param working the figures it comes from, in order */
    public record WeekPaid(String amount, LocalDate on, List<PlanFigure> working) {}

    /** A figure of the working in words. */
    public record PlanFigure(String label, String text) {}

    /** @param weeks how many are to be had */
    public record PlanYear(LocalDate from, LocalDate to, String weeks, String sentence, List<PlanPiece> pieces) {}

    /** Weeks that are taken. @param label what they are @param asked whether they are this case's */
    public record PlanPiece(LocalDate from, String weeks, String label, boolean asked) {}

    /** @param start the first day then */
    public record PlanLater(LocalDate start, String sentence) {}

    /** A kind of day and what it is called. */
    public record PlanKind(DayPlan.Kind kind, String label) {}

    /** A week as several say it, one above the other. */
    public record PlanCompared(LocalDate monday, List<PlanLayer> layers) {}

    /** What one of them says, from Monday. */
    public record PlanLayer(String label, List<PlanCell> cells) {}

    /**
     * What one says of a day.
     *
     * @param text hours; empty where it is no number
     * @param holds whether it is so, where that is the question
     * @param settle the fact in which it is settled, where it is otherwise than the others say
     */
    public record PlanCell(String text, Optional<Boolean> holds, Optional<String> settle) {}

    static Plan of(DayPlan plan, Wording wording) {
        Map<String, String> places = places(plan.figures(), wording);
        return new Plan(
                wording.filled(wording.text("plan.headline"), places),
                told(plan.figures(), wording)
                        .map(key -> wording.filled(wording.text(key), places))
                        .toList(),
                plan.days().stream()
                        .map(day -> new PlanDay(
                                day.date(),
                                day.kind(),
                                wording.shown(day.hours()),
                                day.doubt().map(code -> wording.text("plan.doubt." + code))))
                        .toList(),
                plan.weeks().stream()
                        .map(week -> new PlanWeek(
                                week.monday(),
                                wording.shown(week.hours()),
                                week.paid().map(paid -> paid(paid, wording))))
                        .toList(),
                year(plan.year(), wording),
                plan.later().stream()
                        .map(later -> new PlanLater(
                                later.start(),
                                wording.filled(
                                        wording.text("plan.later." + later.code()), places(later.figures(), wording))))
                        .toList(),
                Arrays.stream(DayPlan.Kind.values())
                        .map(kind -> new PlanKind(kind, wording.text("plan.day." + kind)))
                        .toList(),
                plan.compared().stream()
                        .map(week -> new PlanCompared(
                                week.monday(),
                                week.layers().stream()
                                        .map(layer -> new PlanLayer(
                                                wording.text("plan.layer." + layer.code()),
                                                layer.cells().stream()
                                                        .map(cell -> cell(cell, wording))
                                                        .toList()))
                                        .toList()))
                        .toList(),
                holidays(plan.days()));
    }

    private static PlanCell cell(DayPlan.Cell cell, Wording wording) {
        Optional<Boolean> holds =
                cell.value().filter(Value.Flag.class::isInstance).map(value -> ((Value.Flag) value).holds());
        return new PlanCell(
                holds.isPresent() ? "" : cell.value().map(wording::shown).orElse(""),
                holds,
                cell.settle().map(FactPath::path));
    }

    /** Those of the months that the days lie in. */
    private static List<LocalDate> holidays(List<DayPlan.Day> days) {
        return days.isEmpty()
                ? List.of()
                : days.getFirst()
                        .date()
                        .withDayOfMonth(1)
                        .datesUntil(days.getLast().date().plusMonths(1).withDayOfMonth(1))
                        .filter(BusinessCalendar::isHoliday)
                        .toList();
    }

    /** The keys of what is told: a figure without a sentence of its own stands in another's. */
    private static Stream<String> told(Figures figures, Wording wording) {
        return figures.keySet().stream().map(name -> "plan." + name).filter(wording::has);
    }

    private static WeekPaid paid(DayPlan.Paid paid, Wording wording) {
        return new WeekPaid(
                paid.amount().toString(),
                paid.on(),
                paid.working().entrySet().stream()
                        .map(figure -> new PlanFigure(
                                wording.text("plan.week." + figure.getKey()), wording.shown(figure.getValue())))
                        .toList());
    }

    private static PlanYear year(DayPlan.Year year, Wording wording) {
        return new PlanYear(
                year.from(),
                year.to(),
                wording.shown(year.weeks()),
                wording.filled(
                        wording.text("plan.year"),
                        Map.of(
                                "weeks", wording.shown(year.weeks()),
                                "from", wording.shown(year.from()),
                                "to", wording.shown(year.to()))),
                year.pieces().stream()
                        .map(piece -> new PlanPiece(
                                piece.from(),
                                wording.shown(piece.weeks()),
                                wording.text("plan.piece." + piece.kind()),
                                piece.kind().equals("ASKED")))
                        .toList());
    }

    private static Map<String, String> places(Figures figures, Wording wording) {
        Map<String, String> places = new HashMap<>();
        figures.forEach((name, value) -> places.put(name, wording.shown(value)));
        return places;
    }
}
