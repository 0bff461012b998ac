package org.civitane.server.verification;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.identity.Verdicts;
import org.civitane.core.income.ReconciledSource;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.casefile.CasePaths;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Texts;
import org.civitane.server.registers.RegisterRequest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** What papers show and registers have on record about the facts of one edition. */
final class OtherViews {
    private final Verification.Review review;
    private final Map<String, IncomeReview.Source> byLine;
    private final JsonNode file;
    private final Wording wording;
    private final Texts texts;

    OtherViews(Verification.Review review, JsonNode file, Wording wording, Texts texts) {
        this.review = review;
        this.byLine = Incomes.byLine(review.income());
        this.file = file;
        this.wording = wording;
        this.texts = texts;
    }

    List<RegisterRequest> requests() {
        return review.requests();
    }

    /** The date of birth of the applicant beside that of the civil register; others' as it is. */
    Fact ofBirth(String member, Fact fact) {
        boolean known = review.identity().member().equals(member);
        return known
                ? review.identity().attributes().stream()
                        .filter(each -> each.label().equals(texts.say("identity.attribute.dateOfBirth")))
                        .filter(each -> !each.onRecord().isEmpty())
                        .findFirst()
                        .map(each -> birth(each, fact))
                        .orElse(fact)
                : fact;
    }

    private Fact birth(IdentityReview.Attribute attribute, Fact fact) {
        Optional<JsonNode> registered = review.requests().stream()
                .flatMap(request -> request.answer().stream())
                .map(answer -> answer.path("dateOfBirth").asString(""))
                .filter(day -> !day.isEmpty())
                .findFirst()
                .map(StringNode::valueOf);
        Fact.State state = attribute.verdict() == Verdicts.Verdict.MATCH ? Fact.State.AGREES : Fact.State.DIFFERS;
        return fact.with(
                Optional.empty(),
                Optional.of(Fact.Shown.of(attribute.onRecord(), registered, Optional.empty())),
                state,
                attribute.what(),
                Optional.of(new Fact.Ask(
                        fact.label(),
                        texts.say("ask.birth", fact.said().map(Fact.Shown::text).orElse(""), attribute.onRecord()),
                        texts.say("good.birth"))),
                List.of());
    }

    /** Wages beside the slips and the register's months; other lines as they are. */
    Fact ofLine(String line, Fact fact) {
        IncomeReview.Source source = byLine.get(line);
        return source == null ? fact : withViews(source, fact, false);
    }

    /** Employers of a member that nobody stated. */
    List<IncomeReview.Source> undisclosed(String member) {
        return review.income().sources().stream()
                .filter(source ->
                        source.member().equals(member) && source.verdict() == ReconciledSource.Verdict.UNDISCLOSED)
                .toList();
    }

    /** Wages that nobody stated, each view with the lines as they would be if it counted. */
    Fact ofUndisclosed(IncomeReview.Source source, Fact fact) {
        return withViews(source, fact, true);
    }

    /** All income lines of a member, with one more for wages that nobody stated, as a fact at {@code members/…/incomes}. */
    JsonNode linesOf(String member, Optional<ObjectNode> more) {
        ObjectNode value = (ObjectNode) CasePaths.get((ObjectNode) file, FactPath.of("members", member, "incomes"))
                .orElseThrow()
                .deepCopy();
        more.ifPresent(line -> {
            ((ArrayNode) value.get("lines")).add(line);
            value.put("none", false);
        });
        return value;
    }

    private Fact withViews(IncomeReview.Source source, Fact fact, boolean asLines) {
        Optional<Fact.Shown> shown = source.shown().map(amount -> {
            IncomeReview.Slip last = source.slips().getLast();
            return new Fact.Shown(
                    monthly(amount),
                    Optional.of(value(source, amount, asLines)),
                    Optional.of(texts.say("income.slips", source.slips().size())),
                    Optional.of(new Fact.Place(last.paper(), last.page())));
        });
        Optional<Fact.Shown> onRecord = source.onRecord()
                .map(amount -> Fact.Shown.of(
                        monthly(amount),
                        Optional.of(value(source, amount, asLines)),
                        Optional.of(texts.say("income.months", source.months().size()))));
        Fact.State state = switch (source.verdict()) {
            case AGREED, OUTDATED_RECORD, UNSUPPORTED -> Fact.State.AGREES;
            case UNDISCLOSED, HIDDEN_PAY, MISSTATED, DISPUTED -> Fact.State.DIFFERS;
        };
        return fact.with(shown, onRecord, state, words(source), Optional.of(ask(source, fact)), beyond(source));
    }

    /** With pay that no slip shows, the wages could be as much higher. */
    private List<JsonNode> beyond(IncomeReview.Source source) {
        return source.verdict() == ReconciledSource.Verdict.HIDDEN_PAY
                ? source.shown().stream()
                        .map(Money::parse)
                        .map(shown ->
                                shown.plus(Money.parse(source.hiddenPay())).atLeast(Money.ZERO))
                        .map(amount -> value(source, amount.toString(), false))
                        .toList()
                : List.of();
    }

    /** What the views say together, with by how much they differ. */
    private String words(IncomeReview.Source source) {
        Money most = Money.ZERO;
        Money least = Money.ofEuros(Integer.MAX_VALUE);
        for (Optional<String> view : List.of(source.stated(), source.shown(), source.onRecord())) {
            if (view.isPresent()) {
                Money amount = Money.parse(view.get());
                most = most.atLeast(amount);
                least = least.limitedTo(amount);
            }
        }
        Money apart = most.minus(least.limitedTo(most));
        return texts.say(
                "income.verdict." + source.verdict(),
                wording.shown(apart),
                wording.shown(Money.parse(source.hiddenPay())));
    }

    private Fact.Ask ask(IncomeReview.Source source, Fact fact) {
        String said = fact.said().map(Fact.Shown::text).orElse("");
        String other = source.shown().or(source::onRecord).map(this::monthly).orElse("");
        return new Fact.Ask(
                texts.say("fact.wages-of", source.employer()),
                texts.say("ask.income." + source.verdict(), said, other, source.employer()),
                texts.say("good.income-slips"));
    }

    private String monthly(String amount) {
        return texts.say("income.monthly", wording.shown(Money.parse(amount)));
    }

    private JsonNode value(IncomeReview.Source source, String amount, boolean asLines) {
        if (!asLines) {
            return JsonColumn.object().put("amount", amount).put("frequency", Frequency.MONTHLY.name());
        }
        ObjectNode line = JsonColumn.object()
                .put("id", "w-" + Integer.toHexString(source.employer().hashCode()))
                .put("member", source.member())
                .put("kind", IncomeKind.WAGES.name())
                .put("amount", amount)
                .put("frequency", Frequency.MONTHLY.name())
                .put("employer", source.employer());
        return linesOf(source.member(), Optional.of(line));
    }
}
