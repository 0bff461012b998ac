package org.civitane.core.programme.housinglist;

import java.time.LocalDateTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.casefile.Facts;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.MustBeGiven;
import org.civitane.core.casefile.WrittenAs;
import org.civitane.core.fault.Fault;

/**
 * A list that is wanted, with its published terms.
 *
 * @param opensAt local time
 * @param closesAt local time, not included; not given, it stays open
 * @param sizes bedrooms of its homes
 * @param incomePercent of the median income, 1 to 300
 * @param points for each kind of preference; one that is not named has none
 * @param shares percent of its homes for a kind of preference
 * @param drawSeed published once the list has closed; not read unless it is by draw
 * @param unanswered how many offers this household left unanswered
 * @param entries the other claims on it
 */
public record WantedList(
        String id,
        LocalDateTime opensAt,
        Optional<LocalDateTime> closesAt,
        @MustBeGiven List<Integer> sizes,
        int incomePercent,
        ByKind points,
        Optional<ByKind> shares,
        boolean notForStudents,
        boolean byDraw,
        Optional<String> drawSeed,
        Optional<Integer> unanswered,
        Optional<List<Entry>> entries) {
    private static final int MOST_PERCENT = 300;
    private static final int ALL = 100;

    /** Numbers by kind of preference; a kind that is not named has none. */
    public record ByKind(
            @WrittenAs("LOCAL") Optional<Integer> local,
            @WrittenAs("HOMELESS") Optional<Integer> homeless,
            @WrittenAs("DISPLACED") Optional<Integer> displaced,
            @WrittenAs("OVERCROWDED") Optional<Integer> overcrowded,
            @WrittenAs("DISABLED") Optional<Integer> disabled,
            @WrittenAs("OVER_65") Optional<Integer> over65,
            @WrittenAs("FAMILY") Optional<Integer> family,
            @WrittenAs("VIOLENCE") Optional<Integer> violence,
            @WrittenAs("SERVICE") Optional<Integer> service) {
        Optional<Integer> of(Preference kind) {
            return switch (kind) {
                case LOCAL -> local;
                case HOMELESS -> homeless;
                case DISPLACED -> displaced;
                case OVERCROWDED -> overcrowded;
                case DISABLED -> disabled;
                case OVER_65 -> over65;
                case FAMILY -> family;
                case VIOLENCE -> violence;
                case SERVICE -> service;
            };
        }

        /** Those that are named, in the order of the kinds. */
        Map<Preference, Integer> named() {
            Map<Preference, Integer> named = new EnumMap<>(Preference.class);
            for (Preference kind : Preference.values()) {
                of(kind).ifPresent(number -> named.put(kind, number));
            }
            return named;
        }

        private void checkAtLeast(int least, String pointer) {
            named().forEach((kind, number) -> Facts.checkAtLeast(least, number, pointer + "/" + kind));
        }
    }

    /**
     * Another claim on the list.
     *
     * @param preferences the kinds granted to it; one twice counts once
     * @param unanswered how many of its offers were left unanswered
     */
    public record Entry(
            String claimNumber,
            LocalDateTime receivedAt,
            int size,
            int points,
            Optional<List<Preference>> preferences,
            Optional<Integer> unanswered) {
        /** @throws InvalidFact when a number is too small */
        public Entry {
            preferences = Facts.copyOf(preferences);
            Facts.checkAtLeast(1, size, "/size");
            Facts.checkAtLeast(0, points, "/points");
            Facts.checkAtLeast(0, unanswered.orElse(0), "/unanswered");
        }

        boolean has(Preference kind) {
            return preferences.orElse(List.of()).contains(kind);
        }
    }

    /** @throws InvalidFact when a number is out of bounds, the shares come to too much, or a claim is there twice */
    public WantedList {
        sizes = List.copyOf(sizes);
        entries = Facts.copyOf(entries);
        for (int i = 0; i < sizes.size(); i++) {
            Facts.checkAtLeast(1, sizes.get(i), "/sizes/" + i);
        }
        if (incomePercent < 1 || incomePercent > MOST_PERCENT) {
            throw new InvalidFact("/incomePercent", Fault.of("out-of-range", 1, MOST_PERCENT));
        }
        points.checkAtLeast(0, "/points");
        shares.ifPresent(WantedList::checkShares);
        Facts.checkAtLeast(0, unanswered.orElse(0), "/unanswered");
        Facts.checkOnce(entries.orElse(List.of()), Entry::claimNumber, "/entries/", "/claimNumber");
    }

    private static void checkShares(ByKind shares) {
        shares.checkAtLeast(1, "/shares");
        long together =
                shares.named().values().stream().mapToLong(Integer::longValue).sum();
        if (together > ALL) {
            throw new InvalidFact("/shares", Fault.of("shares-over"));
        }
    }

    /** Whether a claim handed in at a moment comes while it is open. */
    boolean isOpenAt(LocalDateTime moment) {
        return !moment.isBefore(opensAt) && closesAt.map(moment::isBefore).orElse(true);
    }
}
