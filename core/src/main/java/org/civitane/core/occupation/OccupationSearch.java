package org.civitane.core.occupation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.stream.Stream;
import org.civitane.core.person.Names;

/**
 * Finds unit groups by what people call what they do: by the words of the titles and by everyday words, whatever their
 * order and accents, begun only, or misspelled.
 */
public final class OccupationSearch {
    /** As much as anybody types; what is longer is cut. */
    private static final int LONGEST = 80;

    /** From how many letters on one may be wrong, and two. */
    private static final int ONE_WRONG_FROM = 4;

    private static final int TWO_WRONG_FROM = 8;

    private static final int EXACT = 0;
    private static final int BEGUN = 1;
    private static final int MISSPELLED = 3;

    private static final List<Name> NAMES = load();

    private OccupationSearch() {}

    /**
     * A unit group that was found.
     *
     * @param word the everyday words by which; empty where it was the title
     */
    public record Found(UnitGroup group, Optional<String> word) {}

    private record Name(UnitGroup group, Optional<String> word, List<String> words) {}

    private record Hit(Name name, int distance) {}

    /** The best of those in which every word that was typed is found, each group once; none for nothing typed. */
    public static List<Found> find(String typed, int most) {
        List<String> wanted = words(typed.substring(0, Math.min(typed.length(), LONGEST)));
        if (wanted.isEmpty()) {
            return List.of();
        }
        List<Hit> hits = NAMES.stream()
                .flatMap(name -> hit(name, wanted).stream())
                .sorted(Comparator.comparingInt(Hit::distance)
                        .thenComparing(hit -> hit.name().words().size())
                        .thenComparing(hit -> hit.name().group().code()))
                .toList();
        List<Found> found = new ArrayList<>();
        for (Hit hit : hits) {
            boolean isThere = found.stream()
                    .anyMatch(each -> each.group().equals(hit.name().group()));
            if (!isThere && found.size() < most) {
                found.add(new Found(hit.name().group(), hit.name().word()));
            }
        }
        return found;
    }

    private static Optional<Hit> hit(Name name, List<String> wanted) {
        int sum = 0;
        for (String word : wanted) {
            int best = name.words().stream()
                    .mapToInt(there -> distance(word, there))
                    .min()
                    .orElse(Integer.MAX_VALUE);
            if (best == Integer.MAX_VALUE) {
                return Optional.empty();
            }
            sum += best;
        }
        return Optional.of(new Hit(name, sum));
    }

    /** How far a typed word is from one that is there; the greatest number when it is another word. */
    private static int distance(String typed, String there) {
        if (typed.equals(there)) {
            return EXACT;
        }
        if (there.startsWith(typed)) {
            return BEGUN;
        }
        int allowed = typed.length() >= TWO_WRONG_FROM ? 2 : typed.length() >= ONE_WRONG_FROM ? 1 : 0;
        int wrong = edits(typed, there);
        return wrong <= allowed ? MISSPELLED + wrong : Integer.MAX_VALUE;
    }

    /** How many letters are missing, too many, other, or swapped with their neighbour. */
    private static int edits(String one, String other) {
        int[][] edits = new int[one.length() + 1][other.length() + 1];
        for (int i = 0; i <= one.length(); i++) {
            for (int j = 0; j <= other.length(); j++) {
                edits[i][j] = i == 0 || j == 0 ? i + j : best(edits, one, other, i, j);
            }
        }
        return edits[one.length()][other.length()];
    }

    private static int best(int[][] edits, String one, String other, int i, int j) {
        int change = one.charAt(i - 1) == other.charAt(j - 1) ? 0 : 1;
        int best = Math.min(edits[i - 1][j - 1] + change, Math.min(edits[i - 1][j], edits[i][j - 1]) + 1);
        boolean isSwapped =
                i > 1 && j > 1 && one.charAt(i - 1) == other.charAt(j - 2) && one.charAt(i - 2) == other.charAt(j - 1);
        return isSwapped ? Math.min(best, edits[i - 2][j - 2] + 1) : best;
    }

    private static List<Name> load() {
        ResourceBundle everyday = ResourceBundle.getBundle("org.civitane.core.occupation.everyday-words", Locale.ROOT);
        List<Name> names = new ArrayList<>();
        for (UnitGroup group : UnitGroup.all()) {
            names.add(new Name(group, Optional.empty(), words(group.title())));
            if (everyday.containsKey(group.code())) {
                Stream.of(everyday.getString(group.code()).split(",\\s*"))
                        .forEach(word -> names.add(new Name(group, Optional.of(word), words(word))));
            }
        }
        return List.copyOf(names);
    }

    private static List<String> words(String text) {
        return Arrays.stream(Names.normalise(text).split(" "))
                .filter(word -> !word.isEmpty())
                .toList();
    }
}
