package org.civitane.server.verification;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Texts;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.StringNode;

/**
 * What a household pays and owns, a row for each line. Where it states one line of a kind and sent one paper about it,
 * the paper's amount stands beside what was said; how often it comes is as said, since such papers seldom tell.
 */
final class CostFacts {
    private final JsonNode file;
    private final List<ShownCost> shown;
    private final FactWords words;
    private final Texts texts;

    CostFacts(JsonNode file, List<ShownCost> shown, FactWords words) {
        this.file = file;
        this.shown = shown;
        this.words = words;
        this.texts = words.texts();
    }

    /** The lines of a list, each a row; one row that says so where there are none. */
    List<Fact> of(String list) {
        JsonNode lines = file.path(list);
        if (lines.isMissingNode() || lines.isEmpty()) {
            String text = texts.say(lines.isMissingNode() ? "fact.not-said" : "fact.none-said");
            return List.of(words.plain(list, words.label(list), text));
        }
        List<Fact> rows = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            rows.add(row(list, i, lines));
        }
        return rows;
    }

    private Fact row(String list, int position, JsonNode lines) {
        JsonNode line = lines.get(position);
        FactPath path = FactPath.of(list, String.valueOf(position), "amount");
        Phrase label = words.capital(line.path("kind").asString());
        Optional<Fact.Settled> settled = words.settlementAt(path)
                .map(settlement -> words.worded(settlement, text(path, line, settlement.value())));
        Fact fact = words.of(
                path,
                label,
                Optional.of(Fact.Shown.of(
                        text(path, line, line.path("amount")), Optional.of(line.path("amount")), Optional.empty())),
                settled,
                Fact.Kind.AMOUNT);
        return paperAbout(line, lines)
                .map(cost -> beside(fact, path, line, cost, list))
                .orElse(fact);
    }

    private Optional<ShownCost> paperAbout(JsonNode line, JsonNode lines) {
        String kind = line.path("kind").asString();
        long ofKind = lines.valueStream()
                .filter(each -> each.path("kind").asString().equals(kind))
                .count();
        List<ShownCost> about = shown.stream()
                .filter(cost -> Catalogue.paper(cost.kind()).lines().contains(kind))
                .toList();
        return ofKind == 1 && about.size() == 1 ? Optional.of(about.getFirst()) : Optional.empty();
    }

    private Fact beside(Fact fact, FactPath path, JsonNode line, ShownCost cost, String list) {
        JsonNode amount = StringNode.valueOf(cost.amount().toString());
        String onPaper = text(path, line, amount);
        Money apart = Money.parse(line.path("amount").asString()).minus(cost.amount());
        boolean same = apart.equals(Money.ZERO);
        String said = fact.said().map(Fact.Shown::text).orElse("");
        return fact.with(
                Optional.of(new Fact.Shown(
                        onPaper,
                        Optional.of(amount),
                        Optional.of(texts.say("cost.paper")),
                        Optional.of(new Fact.Place(cost.paper(), cost.page())))),
                Optional.empty(),
                same ? Fact.State.AGREES : Fact.State.DIFFERS,
                same
                        ? ""
                        : texts.say(
                                "cost.apart",
                                words.wording().shown(apart.isNegative() ? Money.ZERO.minus(apart) : apart)),
                Optional.of(new Fact.Ask(
                        list,
                        fact.label(),
                        Phrase.of("ask.cost", fact.label(), said, onPaper),
                        Phrase.of("good.fact"))),
                List.of());
    }

    /** An amount with what else the line says. */
    private String text(FactPath path, JsonNode line, JsonNode amount) {
        String place = path.path().substring(0, path.path().lastIndexOf('/'));
        return Stream.concat(
                        Stream.of(words.text(path, amount)),
                        Stream.of("frequency", "owner", "for")
                                .filter(line::has)
                                .map(part -> words.text(FactPath.of(place, part), line.path(part))))
                .collect(Collectors.joining(" "));
    }
}
