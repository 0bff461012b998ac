package org.civitane.core.programme;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Value;

/**
 * Days away from something as a calendar shows them, worked out by the rules. Its words are the programme's, below
 * {@code plan.}.
 *
 * @param days every day from the first to the last, in order; no more than {@link #MOST_DAYS}
 * @param weeks every calendar week with hours away, in order
 * @param figures what it comes to, in the order in which it is told
 * @param year the time in which only so many weeks are to be had
 * @param later what would be otherwise if all of it began later
 * @param compared the weeks in which those who were asked do not say the same
 */
public record DayPlan(
        List<Day> days, List<Week> weeks, Figures figures, Year year, List<Later> later, List<Compared> compared) {
    /** As many as a calendar can usefully show; what lies beyond still counts in the figures. */
    public static final int MOST_DAYS = 740;

    /** What a day of the plan is. */
    public enum Kind {
        /** With hours away. */
        AWAY,
        /** Within the span, before any of it is counted. */
        BEFORE,
        /** Within the span, without hours away. */
        NONE
    }

    /**
     * A day.
     *
     * @param hours away on it, as results carry hours
     * @param doubt what someone else has said that does not go with it; its words are {@code plan.doubt.<code>}
     */
    public record Day(LocalDate date, Kind kind, Value hours, Optional<String> doubt) {}

    /**
     * A calendar week.
     *
     * @param hours away in it
     * @param paid what is paid for it; empty where nothing is known or granted
     */
    public record Week(LocalDate monday, Value hours, Optional<Paid> paid) {}

    /**
     * What is paid for a week.
     *
     * @param amount what reaches the account
     * @param on the day it leaves, were it decided today
     * @param working the figures it comes from, by name
     */
    public record Paid(Money amount, LocalDate on, Figures working) {}

    /**
     * The year in which the plan lies.
     *
     * @param weeks how many weeks can be had in it
     * @param pieces what takes them up, in order
     */
    public record Year(LocalDate from, LocalDate to, Value weeks, List<Piece> pieces) {
        public Year {
            pieces = List.copyOf(pieces);
        }
    }

    /**
     * Weeks of a year that are taken.
     *
     * @param kind a word of the programme: what became of what was asked before, or {@code ASKED} for this
     */
    public record Piece(LocalDate from, Value weeks, String kind) {}

    /**
     * The same plan begun later.
     *
     * @param code why it would be otherwise; the sentence is {@code plan.later.<code>}
     * @param start its first day then
     */
    public record Later(String code, LocalDate start, Figures figures) {}

    /**
     * A week as several say it, one above the other.
     *
     * @param layers each with a cell for each day from Monday
     */
    public record Compared(LocalDate monday, List<Layer> layers) {
        public Compared {
            layers = List.copyOf(layers);
        }

        /** Whether any of them says otherwise. */
        public boolean differs() {
            return layers.stream()
                    .flatMap(layer -> layer.cells().stream())
                    .anyMatch(cell -> cell.settle().isPresent());
        }
    }

    /** What one of them says. @param code who it is; the words are {@code plan.layer.<code>} */
    public record Layer(String code, List<Cell> cells) {
        public Layer {
            cells = List.copyOf(cells);
        }
    }

    /**
     * What one of them says of a day.
     *
     * @param value hours, or whether it is so; empty where they say nothing of it
     * @param settle the fact in which it is settled, where it is otherwise than the others say
     */
    public record Cell(Optional<Value> value, Optional<FactPath> settle) {
        public static final Cell EMPTY = new Cell(Optional.empty(), Optional.empty());

        public static Cell of(Value value) {
            return new Cell(Optional.of(value), Optional.empty());
        }

        public Cell differing(FactPath in) {
            return new Cell(value, Optional.of(in));
        }
    }

    public DayPlan {
        days = List.copyOf(days);
        weeks = List.copyOf(weeks);
        later = List.copyOf(later);
        compared = List.copyOf(compared);
    }
}
