package org.civitane.core.calendar;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A day by which something is awaited, and how it came to be that day (rulebook 0.3). Immutable.
 *
 * @param first the day set at first
 * @param extensions in the order in which they were granted, each counted from the deadline before it
 */
public record Deadline(LocalDate first, List<Extension> extensions) {
    /**
     * More time.
     *
     * @param askedBy who asked for it
     * @param why in their words
     * @param days how many calendar days, above 0
     */
    public record Extension(String askedBy, String why, int days) {
        /** @throws IllegalArgumentException when {@code days} is not above 0, or it is not said who asked or why */
        public Extension {
            if (days < 1 || askedBy.isBlank() || why.isBlank()) {
                throw new IllegalArgumentException(
                        "An extension says who asked, why, and how many days above 0; it has " + days + ".");
            }
        }
    }

    /**
     * How often a deadline may be extended, and by how much.
     *
     * @param times how many extensions there may be
     * @param mostDays how many days each may have
     */
    public record Allowance(int times, int mostDays) {
        /** One extension of up to ten days, where a programme says nothing else. */
        public static final Allowance USUAL = new Allowance(1, 10);
    }

    /** Why a deadline cannot be extended. */
    public enum Refusal {
        /** It has passed. */
        PASSED,
        /** It was extended as often as is allowed. */
        TOO_OFTEN,
        /** More days are asked for than are allowed. */
        TOO_LONG
    }

    public Deadline {
        extensions = List.copyOf(extensions);
    }

    /** A deadline that was never extended. */
    public static Deadline on(LocalDate day) {
        return new Deadline(day, List.of());
    }

    /** The day that counts now: a result that is no business day moves to the next one. */
    public LocalDate day() {
        LocalDate day = first;
        for (Extension extension : extensions) {
            day = BusinessCalendar.rolledForward(day.plusDays(extension.days()));
        }
        return day;
    }

    /** What stands against an extension asked for on {@code today}; empty when nothing does. */
    public Optional<Refusal> refusal(int days, LocalDate today, Allowance allowance) {
        if (today.isAfter(day())) {
            return Optional.of(Refusal.PASSED);
        }
        if (extensions.size() >= allowance.times()) {
            return Optional.of(Refusal.TOO_OFTEN);
        }
        return days > allowance.mostDays() ? Optional.of(Refusal.TOO_LONG) : Optional.empty();
    }

    /** This deadline with one more extension; what is allowed is the caller's to ask first. */
    public Deadline extended(Extension extension) {
        return new Deadline(
                first, Stream.concat(extensions.stream(), Stream.of(extension)).toList());
    }
}
