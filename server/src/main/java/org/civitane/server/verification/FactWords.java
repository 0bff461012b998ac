package org.civitane.server.verification;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.question.Question;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.casefile.FactText;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Texts;
import org.civitane.server.settlements.Settlement;
import tools.jackson.databind.JsonNode;

/** Makes facts out of what the applicant said and what was settled, in the words of the claim's programme. */
record FactWords(
        Texts texts, String programme, Wording wording, List<FactSpec> facts, Map<FactPath, Settlement> settled) {
    /** A value at a path in words, by what the fact there looks like. */
    String text(FactPath path, JsonNode value) {
        return FactText.at(path, value, facts, wording);
    }

    /** A value of the edition that can be settled. */
    Fact said(FactPath path, Phrase label, JsonNode value, Fact.Kind kind) {
        Optional<Fact.Shown> shown =
                Optional.of(Fact.Shown.of(text(path, value), Optional.of(value), Optional.empty()));
        return of(path, label, shown, settledAt(path), kind);
    }

    /** Something that is shown as it is. */
    Fact plain(String path, Phrase label, String words) {
        Optional<Fact.Shown> shown = Optional.of(Fact.Shown.of(words, Optional.empty(), Optional.empty()));
        return fact(new FactPath(path), label, shown, Optional.empty(), Fact.State.SAID, Fact.Kind.TEXT, false);
    }

    /** A fact that can be settled and is as said until papers or registers say otherwise. */
    Fact of(
            FactPath path,
            Phrase label,
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

    /** Whether there is a word for what stands at a path. */
    boolean isLabelled(String path) {
        return wording.has("fact." + path + ".label") || wording.has("question." + path + ".label");
    }

    Phrase label(String path) {
        String own = "fact." + path + ".label";
        return Phrase.word(programme, wording.has(own) ? own : "question." + path + ".label");
    }

    /** A word of the rulebook, beginning a line. */
    Phrase capital(String word) {
        String key = "word." + word;
        return new Phrase.Capital(wording.has(key) ? Phrase.word(programme, key) : Phrase.text(word));
    }

    /** A fact that only the applicant speaks of, with what could be asked about it. */
    private Fact fact(
            FactPath path,
            Phrase label,
            Optional<Fact.Shown> said,
            Optional<Fact.Settled> settledWith,
            Fact.State state,
            Fact.Kind kind,
            boolean canSettle) {
        Fact.Ask ask = new Fact.Ask(
                path.path(),
                label,
                Phrase.of("ask.fact", label, said.map(Fact.Shown::text).orElse("")),
                Phrase.of("good.fact"));
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

    /** Whether a choice is worded for this question only, and by no word of the rulebook, such as a country. */
    boolean isOptionAlone(Question question, JsonNode value) {
        return wording.has(optionKey(question, value)) && !wording.has("word." + value.asString(""));
    }

    String option(Question question, JsonNode value) {
        return wording.text(optionKey(question, value));
    }

    private static String optionKey(Question question, JsonNode value) {
        return "option." + question.path() + "." + (value.isString() ? value.asString() : "");
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
