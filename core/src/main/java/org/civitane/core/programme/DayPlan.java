package org.civitane.core.programme;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;
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
 */
public record DayPlan(List<Day> days, List<Week> weeks, Figures figures, Year year, List<Later> later) {
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

    public DayPlan {
        days = List.copyOf(days);
        weeks = List.copyOf(weeks);
        later = List.copyOf(later);
    }
}
