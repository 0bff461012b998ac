package org.civitane.server.verification;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.income.ReconciledSource;
import org.civitane.core.person.Names;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Texts;
import org.civitane.server.settlements.Settlement;
import org.civitane.server.settlements.View;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What people live on, a row for each line; wages stand beside the slips and the register's months. A source of wages
 * that is stated in one line is that line; one that is stated in several, or in none, is a fact of its own at
 * {@code members/m1/incomes/…}, whose value says which lines stand instead of which.
 */
final class WageFacts {
    private static final String INCOMES = "incomes";

    private final JsonNode file;
    private final List<IncomeReview.Source> sources;
    private final FactWords words;
    private final Texts texts;

    WageFacts(JsonNode file, IncomeReview review, FactWords words) {
        this.file = file;
        this.sources = review.sources();
        this.words = words;
        this.texts = words.texts();
    }

    /** All facts about a person's income. */
    List<Fact> of(String member) {
        List<Fact> facts = new ArrayList<>();
        Set<IncomeReview.Source> listed = new HashSet<>();
        for (JsonNode line : file.path(INCOMES)) {
            if (line.path("member").asString().equals(member)) {
                Optional<IncomeReview.Source> source = sourceOf(line);
                if (source.isEmpty() || source.get().lines().size() == 1) {
                    Fact fact = ofLine(line, source);
                    facts.add(source.map(each -> withViews(each, fact)).orElse(fact));
                } else if (listed.add(source.get())) {
                    facts.add(ofSource(source.get()));
                }
            }
        }
        sources.stream()
                .filter(source -> source.member().equals(member)
                        && source.lines().isEmpty()
                        && source.verdict() == ReconciledSource.Verdict.UNDISCLOSED)
                .forEach(source -> facts.add(ofSource(source)));
        return facts;
    }

    /**
     * The value that stands for a typed monthly amount at a source's path.
     *
     * @return empty when no source has that path
     */
    Optional<JsonNode> typed(FactPath path, String amount) {
        return sources.stream()
                .filter(source -> source.lines().size() != 1 && pathOf(source).equals(path))
                .findFirst()
                .map(source -> value(source, Optional.of(amount)));
    }

    private Optional<IncomeReview.Source> sourceOf(JsonNode line) {
        String id = line.path("id").asString();
        return sources.stream().filter(source -> source.lines().contains(id)).findFirst();
    }

    private Fact ofLine(JsonNode line, Optional<IncomeReview.Source> source) {
        String frequency = words.wording().shown(line.path("frequency").asString());
        Phrase kind = words.capital(line.path("kind").asString());
        String employer = line.path("employer").asString("");
        FactPath path = FactPath.of(INCOMES, line.path("id").asString(), "amount");
        JsonNode amount = line.path("amount");
        boolean monthly = line.path("frequency").asString().equals(Frequency.MONTHLY.name());
        Fact.Shown said = Fact.Shown.of(
                words.text(path, amount) + " " + frequency,
                Optional.of(amount),
                monthly
                        ? Optional.empty()
                        : source.flatMap(IncomeReview.Source::stated).map(this::monthly));
        Optional<Fact.Settled> settled = words.settlementAt(path)
                .map(settlement -> words.worded(
                        settlement,
                        words.text(path, settlement.value())
                                + (settlement.value().isObject() ? "" : " " + frequency)));
        Phrase label = employer.isEmpty() ? kind : Phrase.several(List.of(kind, Phrase.text(employer)), ", ");
        return words.of(path, label, Optional.of(said), settled, Fact.Kind.AMOUNT);
    }

    private Fact ofSource(IncomeReview.Source source) {
        FactPath path = pathOf(source);
        int lines = source.lines().size();
        String stated = source.stated().map(this::monthly).orElse(texts.say("fact.nothing-said"));
        Fact.Shown said = Fact.Shown.of(
                lines == 0 ? stated : texts.say("fact.in-lines", stated, lines),
                Optional.of(value(source, Optional.empty())),
                Optional.empty());
        Optional<Fact.Settled> settled =
                words.settlementAt(path).map(settlement -> words.worded(settlement, settledWords(source, settlement)));
        Fact fact = words.of(
                path, Phrase.of("fact.wages-of", source.employer()), Optional.of(said), settled, Fact.Kind.AMOUNT);
        return withViews(source, fact);
    }

    private String settledWords(IncomeReview.Source source, Settlement settlement) {
        if (settlement.view() == View.SAID) {
            return source.stated().map(this::monthly).orElse(texts.say("fact.left-out"));
        }
        String amount = settlement.value().path("lines").path(0).path("amount").asString(Money.ZERO.toString());
        return texts.say("fact.counted", words.wording().shown(Money.parse(amount)));
    }

    private Fact withViews(IncomeReview.Source source, Fact fact) {
        Optional<Fact.Shown> shown = source.shown().map(amount -> {
            IncomeReview.Slip last = source.slips().getLast();
            return new Fact.Shown(
                    monthly(amount),
                    Optional.of(value(source, Optional.of(amount))),
                    Optional.of(texts.say("income.slips", source.slips().size())),
                    Optional.of(new Fact.Place(last.paper(), last.page())));
        });
        Optional<Fact.Shown> onRecord = source.onRecord()
                .map(amount -> Fact.Shown.of(
                        monthly(amount),
                        Optional.of(value(source, Optional.of(amount))),
                        Optional.of(texts.say("income.months", source.months().size()))));
        Fact.State state = switch (source.verdict()) {
            case AGREED, OUTDATED_RECORD -> Fact.State.AGREES;
            case UNSUPPORTED -> Fact.State.SAID;
            case UNDISCLOSED, HIDDEN_PAY, MISSTATED, DISPUTED -> Fact.State.DIFFERS;
        };
        return fact.with(shown, onRecord, state, together(source), Optional.of(ask(source, fact)), beyond(source));
    }

    /** With pay that no slip shows, the wages could be as much higher. */
    private List<JsonNode> beyond(IncomeReview.Source source) {
        return source.verdict() == ReconciledSource.Verdict.HIDDEN_PAY
                ? source.shown().stream()
                        .map(Money::parse)
                        .map(shown ->
                                shown.plus(Money.parse(source.hiddenPay())).atLeast(Money.ZERO))
                        .map(amount -> value(source, Optional.of(amount.toString())))
                        .toList()
                : List.of();
    }

    /** What the views say together, with by how much they differ. */
    private String together(IncomeReview.Source source) {
        List<Money> views = List.of(source.stated(), source.shown(), source.onRecord()).stream()
                .flatMap(Optional::stream)
                .map(Money::parse)
                .sorted()
                .toList();
        Money apart = views.getLast().minus(views.getFirst());
        return texts.say(
                "income.verdict." + source.verdict(),
                words.wording().shown(apart),
                words.wording().shown(Money.parse(source.hiddenPay())));
    }

    private Fact.Ask ask(IncomeReview.Source source, Fact fact) {
        String said = fact.said().map(Fact.Shown::text).orElse("");
        String other = source.shown().or(source::onRecord).map(this::monthly).orElse("");
        return new Fact.Ask(
                source.lines().size() == 1
                        ? fact.path()
                        : FactPath.of("members", source.member(), INCOMES).path(),
                Phrase.of("fact.wages-of", source.employer()),
                Phrase.of("ask.income." + source.verdict(), said, other, source.employer()),
                Phrase.of("good.income-slips"));
    }

    private String monthly(String amount) {
        return texts.say("income.monthly", words.wording().shown(Money.parse(amount)));
    }

    private static FactPath pathOf(IncomeReview.Source source) {
        return FactPath.of("members", source.member(), INCOMES, nameOf(source));
    }

    private static String nameOf(IncomeReview.Source source) {
        return String.join("-", Names.tokens(source.employer())).toLowerCase(Locale.ROOT);
    }

    /** A source as the case file would hold it: as said, or with one line of a monthly amount. */
    private JsonNode value(IncomeReview.Source source, Optional<String> monthly) {
        if (source.lines().size() == 1) {
            return JsonColumn.object().put("amount", monthly.orElseThrow()).put("frequency", Frequency.MONTHLY.name());
        }
        ObjectNode value = JsonColumn.object();
        ArrayNode instead = value.putArray("instead");
        source.lines().forEach(instead::add);
        ArrayNode lines = value.putArray("lines");
        monthly.ifPresentOrElse(
                amount -> lines.add(line(source, amount)),
                () -> file.path(INCOMES)
                        .valueStream()
                        .filter(line -> source.lines().contains(line.path("id").asString()))
                        .forEach(lines::add));
        return value;
    }

    private static ObjectNode line(IncomeReview.Source source, String amount) {
        return JsonColumn.object()
                .put("id", source.lines().stream().findFirst().orElse("w-" + nameOf(source)))
                .put("member", source.member())
                .put("kind", IncomeKind.WAGES.name())
                .put("amount", amount)
                .put("frequency", Frequency.MONTHLY.name())
                .put("employer", source.employer());
    }
}
