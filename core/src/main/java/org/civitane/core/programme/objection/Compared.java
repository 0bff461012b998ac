package org.civitane.core.programme.objection;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.objection.ObjectionCase.Line;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Value;

/**
 * A subject before and after (chapter, Comparing).
 *
 * @param difference of what it is worth to the person, after less before
 */
record Compared(
        String subject, Optional<Line> before, Optional<Line> after, Money difference, ObjectionRules.Result result) {
    /** What gives nothing, and what gives a part; any other result gives all. */
    private static final Set<String> NOTHING = Set.of(
            "DENIED",
            "NOT_TAKEN",
            "NOT_ADMITTED",
            "LATE",
            "UPHELD",
            "PENDING",
            "REFERRED",
            "MISUSE_SUSPECTED",
            "DISPUTED",
            "UNCONFIRMED");

    private static final Set<String> A_PART = Set.of("PART_APPROVED", "REDUCED", "ISSUE_WITH_ENTRIES", "PROVISIONAL");
    private static final int ALL = 2;

    /** Each subject of the decision in its order, then those that are new in theirs. */
    static List<Compared> all(List<Line> before, List<Line> after) {
        Set<String> subjects = new LinkedHashSet<>();
        before.forEach(line -> subjects.add(line.subject()));
        after.forEach(line -> subjects.add(line.subject()));
        return subjects.stream()
                .map(subject -> of(subject, lineOf(before, subject), lineOf(after, subject)))
                .toList();
    }

    private static Optional<Line> lineOf(List<Line> lines, String subject) {
        return lines.stream().filter(line -> line.subject().equals(subject)).findFirst();
    }

    private static Compared of(String subject, Optional<Line> before, Optional<Line> after) {
        Money difference = worth(after).minus(worth(before));
        int sign = difference.compareTo(Money.ZERO);
        if (sign == 0) {
            sign = Integer.compare(rank(after), rank(before));
        }
        if (sign == 0) {
            sign = after.flatMap(Line::otherwise)
                    .map(otherwise -> switch (otherwise) {
                        case FOR -> 1;
                        case AGAINST -> -1;
                    })
                    .orElse(0);
        }
        ObjectionRules.Result result = sign > 0
                ? ObjectionRules.Result.CHANGED_FOR
                : sign < 0 ? ObjectionRules.Result.CHANGED_AGAINST : ObjectionRules.Result.UPHELD;
        return new Compared(subject, before, after, difference, result);
    }

    private static Money worth(Optional<Line> line) {
        return line.map(each ->
                        each.amount().orElse(Money.ZERO).minus(each.charge().orElse(Money.ZERO)))
                .orElse(Money.ZERO);
    }

    private static int rank(Optional<Line> line) {
        return line.map(Line::result)
                .map(result -> NOTHING.contains(result) ? 0 : A_PART.contains(result) ? 1 : ALL)
                .orElse(0);
    }

    boolean isAgainst() {
        return result == ObjectionRules.Result.CHANGED_AGAINST;
    }

    Figures figures() {
        Figures figures = Figures.NONE.with("difference", Value.of(difference));
        if (before.isPresent()) {
            figures = figures.with("from", toValue(before.get()));
        }
        return after.isPresent() ? figures.with("to", toValue(after.get())) : figures;
    }

    private static Value toValue(Line line) {
        Figures.Builder side = Figures.builder(3).add("result", line.result());
        line.amount().ifPresent(amount -> side.add("amount", amount));
        line.charge().ifPresent(charge -> side.add("charge", charge));
        return new Value.Fields(side.build());
    }
}
