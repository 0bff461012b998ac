package org.civitane.core.programme.housinglist;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.civitane.core.programme.housinglist.WantedList.Entry;
import org.civitane.core.reasoning.CodePoints;

/** The places on one list in one size (chapter, Rank); anyone can work them out again. */
final class Ranking {
    /** A claim as it is ranked. @param draw its draw value; empty on a list without a draw */
    private record Place(boolean late, long points, String draw, LocalDateTime receivedAt, String claimNumber) {
        private static final Comparator<Place> ORDER = Comparator.comparing(Place::late)
                .thenComparing(Comparator.comparingLong(Place::points).reversed())
                .thenComparing(Place::draw)
                .thenComparing(Place::receivedAt)
                .thenComparing(Place::claimNumber, CodePoints.ORDER);
    }

    /** Where a claim stands. @param of how many, itself counted */
    record Rank(int rank, int of) {}

    private final WantedList list;
    private final Place own;
    private final List<Entry> compared;
    private final int mostUnanswered;

    private Ranking(WantedList list, Place own, List<Entry> compared, int mostUnanswered) {
        this.list = list;
        this.own = own;
        this.compared = compared;
        this.mostUnanswered = mostUnanswered;
    }

    /** Nothing where there is nothing to rank by: no entries, no own number, or a draw without its seed. */
    static Optional<Ranking> of(HousingListCase file, WantedList list, int size, long points, int mostUnanswered) {
        boolean ready = list.entries().isPresent()
                && file.claimNumber().isPresent()
                && (!list.byDraw() || list.drawSeed().isPresent());
        if (!ready) {
            return Optional.empty();
        }
        String number = file.claimNumber().get();
        Place own = new Place(
                list.unanswered().orElse(0) >= mostUnanswered,
                points,
                drawOf(list, number).orElse(""),
                file.receivedAt(),
                number);
        List<Entry> compared = list.entries().get().stream()
                .filter(entry -> entry.size() == size && !entry.claimNumber().equals(number))
                .toList();
        return Optional.of(new Ranking(list, own, compared, mostUnanswered));
    }

    /** The draw value of a claim number, in full; nothing on a list without a draw or without its seed. */
    static Optional<String> drawOf(WantedList list, String claimNumber) {
        return list.drawSeed().filter(seed -> list.byDraw()).map(seed -> sha256(seed + ":" + claimNumber));
    }

    Rank among(Predicate<Entry> those) {
        List<Entry> others = compared.stream().filter(those).toList();
        int before = (int) others.stream()
                .filter(entry -> Place.ORDER.compare(place(entry), own) < 0)
                .count();
        return new Rank(1 + before, 1 + others.size());
    }

    private Place place(Entry entry) {
        return new Place(
                entry.unanswered().orElse(0) >= mostUnanswered,
                entry.points(),
                drawOf(list, entry.claimNumber()).orElse(""),
                entry.receivedAt(),
                entry.claimNumber());
    }

    private static String sha256(String text) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Impossible state: every JDK has SHA-256.", e);
        }
    }
}
