package org.civitane.server.verification;

import java.time.YearMonth;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.Outsider;
import org.civitane.core.question.Question;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.determinations.Run;
import org.civitane.server.platform.Phrase;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.StringNode;

/**
 * What is said month by month, a row for each month: beside it what someone outside the household says of the same, and
 * what the working makes of it.
 */
final class MonthFacts {
    private static final JsonNode NOTHING = StringNode.valueOf(Money.ZERO.toString());

    private final JsonNode file;
    private final Run run;
    private final FactWords words;

    MonthFacts(JsonNode file, Run run, FactWords words) {
        this.file = file;
        this.run = run;
        this.words = words;
    }

    /** What one of the others says, by month. */
    private record Theirs(Outsider outsider, Map<String, JsonNode> values) {}

    /** The months of one question; one row that says so where there are none. */
    List<Fact> of(Question question) {
        String value = question.parts().getFirst().path();
        Map<String, JsonNode> said = byMonth(file.path(question.path()), value);
        Optional<Theirs> theirs = theirs(question.path());
        TreeSet<String> months = new TreeSet<>(said.keySet());
        theirs.ifPresent(each -> each.values().forEach((month, amount) -> {
            if (amountOf(amount).isPositive()) {
                months.add(month);
            }
        }));
        return months.isEmpty()
                ? List.of(words.plain(
                        question.path(),
                        words.label(question.path()),
                        words.texts().say("fact.none-said")))
                : months.stream()
                        .map(month -> row(
                                FactPath.of(question.path(), month, value),
                                question.path(),
                                month,
                                Optional.ofNullable(said.get(month)),
                                theirs))
                        .toList();
    }

    private Fact row(FactPath path, String list, String month, Optional<JsonNode> said, Optional<Theirs> theirs) {
        String when = words.wording().shown(YearMonth.parse(month));
        Phrase label = Phrase.of("fact.of-month", words.label(list), when);
        Fact fact = words.of(
                path,
                label,
                said.map(value -> Fact.Shown.of(words.text(path, value), Optional.of(value), Optional.empty())),
                words.settledAt(path),
                Fact.Kind.AMOUNT);
        String came = run.determination().reasons().stream()
                .filter(step -> step.facts().contains(path))
                .map(run.wording()::sentence)
                .collect(Collectors.joining(" "));
        if (theirs.isEmpty()) {
            return fact.with(Optional.empty(), Optional.empty(), fact.state(), came, fact.ask(), List.of());
        }
        JsonNode other = theirs.get().values().getOrDefault(month, NOTHING);
        String who = words.wording().text("outsider." + theirs.get().outsider().code() + ".who");
        boolean same = amountOf(said.orElse(NOTHING)).equals(amountOf(other));
        return fact.with(
                Optional.empty(),
                Optional.of(Fact.Shown.of(words.text(path, other), Optional.of(other), Optional.of(who))),
                same ? Fact.State.AGREES : Fact.State.DIFFERS,
                came,
                Optional.of(new Fact.Ask(
                        list,
                        label,
                        Phrase.of(
                                "ask.of-month",
                                when,
                                words.text(path, said.orElse(NOTHING)),
                                who,
                                words.text(path, other)),
                        Phrase.of("good.fact"))),
                said.isPresent() ? List.of() : List.of(NOTHING));
    }

    /** Once they have answered; a month they do not name is one of which they say nothing is owed. */
    private Optional<Theirs> theirs(String list) {
        for (Outsider outsider : run.programme().outsiders()) {
            for (Map.Entry<String, String> confirmed : outsider.confirms().entrySet()) {
                JsonNode lines = file.path(outsider.fact()).path(confirmed.getKey());
                if (confirmed.getValue().equals(list) && lines.isArray()) {
                    String value = outsider.asked().stream()
                            .filter(asked -> asked.path().equals(confirmed.getKey()))
                            .findFirst()
                            .orElseThrow()
                            .parts()
                            .getFirst()
                            .path();
                    return Optional.of(new Theirs(outsider, byMonth(lines, value)));
                }
            }
        }
        return Optional.empty();
    }

    private static Map<String, JsonNode> byMonth(JsonNode lines, String value) {
        Map<String, JsonNode> months = new TreeMap<>();
        lines.forEach(line -> months.put(line.path("month").asString(""), line.path(value)));
        return months;
    }

    private static Money amountOf(JsonNode value) {
        return Money.parse(value.asString());
    }
}
