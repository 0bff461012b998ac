package org.civitane.server.verification;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.fact.FactSpecs;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.question.Chapter;
import org.civitane.core.question.Question;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.casefile.FactText;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Texts;
import org.civitane.server.settlements.Settlement;
import tools.jackson.databind.JsonNode;

/** Makes facts out of what the applicant said and what was settled, in the words of the claim's programme. */
record FactWords(Texts texts, Wording wording, List<FactSpec> facts, Map<FactPath, Settlement> settled) {
    /** A value at a path in words, by what the fact there looks like. */
    String text(FactPath path, JsonNode value) {
        return FactSpecs.shapeAt(facts, path)
                .map(shape -> FactText.words(shape, value, wording))
                .orElseGet(() -> wording.shown(value.asString("")));
    }

    /** A value of the edition that can be settled. */
    Fact said(FactPath path, String label, JsonNode value, Fact.Kind kind) {
        Optional<Fact.Shown> shown =
                Optional.of(Fact.Shown.of(text(path, value), Optional.of(value), Optional.empty()));
        return of(path, label, shown, settledAt(path), kind);
    }

    /** Something that is shown as it is. */
    Fact plain(String path, String label, String words) {
        Optional<Fact.Shown> shown = Optional.of(Fact.Shown.of(words, Optional.empty(), Optional.empty()));
        return fact(new FactPath(path), label, shown, Optional.empty(), Fact.State.SAID, Fact.Kind.TEXT, false);
    }

    /** A fact that can be settled and is as said until papers or registers say otherwise. */
    Fact of(
            FactPath path,
            String label,
            Optional<Fact.Shown> said,
            Optional<Fact.Settled> settledWith,
            Fact.Kind kind) {
        Fact.State state = settledWith.isPresent() ? Fact.State.SETTLED : Fact.State.SAID;
        return fact(path, label, said, settledWith, state, kind, true);
    }

    Optional<Fact.Settled> settledAt(FactPath path) {
        return settlementAt(path).map(settlement -> worded(settlement, text(path, settlement.value())));
    }

    Optional<Settlement> settlementAt(FactPath path) {
        return Optional.ofNullable(settled.get(path));
    }

    /** A settlement whose value reads as given. */
    Fact.Settled worded(Settlement s, String words) {
        return new Fact.Settled(words, s.view(), s.by(), s.reason(), DayText.moment(s.at()), s.unasked());
    }

    String label(String path) {
        return wording.textOr("fact." + path + ".label", wording.text("question." + path + ".label"));
    }

    /** A fact that only the applicant speaks of, with what could be asked about it. */
    private Fact fact(
            FactPath path,
            String label,
            Optional<Fact.Shown> said,
            Optional<Fact.Settled> settledWith,
            Fact.State state,
            Fact.Kind kind,
            boolean canSettle) {
        Fact.Ask ask = new Fact.Ask(
                path.path(),
                label,
                texts.say("ask.fact", label, said.map(Fact.Shown::text).orElse("")),
                texts.say("good.fact"));
        return new Fact(
                path.path(),
                label,
                said,
                Optional.empty(),
                Optional.empty(),
                settledWith,
                state,
                "",
                kind,
                canSettle,
                Optional.of(ask),
                List.of());
    }

    static List<Question> questions(ClaimView claim) {
        return Claims.programmeOf(claim).form().stream()
                .map(OnlineForm::chapters)
                .flatMap(List::stream)
                .map(Chapter::questions)
                .flatMap(List::stream)
                .toList();
    }

    static Fact.Kind kind(Question.Widget widget) {
        return switch (widget) {
            case AMOUNT -> Fact.Kind.AMOUNT;
            case DATE -> Fact.Kind.DATE;
            case NUMBER -> Fact.Kind.NUMBER;
            case YES_NO -> Fact.Kind.YES_NO;
            default -> Fact.Kind.TEXT;
        };
    }
}
