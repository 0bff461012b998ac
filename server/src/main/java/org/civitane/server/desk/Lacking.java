package org.civitane.server.desk;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Wording;
import org.civitane.server.asks.Ask;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.platform.Phrase;

/** What is lacking, as something in the way: told from what the programme says of the code, so that each can be told. */
final class Lacking {
    /** Whose words a fix list can ask for. */
    private static final Set<SaidBy> ASKED_HERE = Set.of(SaidBy.APPLICANT, SaidBy.CO_SIGNER);

    private Lacking() {}

    /** In words of its own where the code has them; else in the programme's word for what is lacking. */
    static Obstacle of(String code, Run run, Dossier dossier) {
        Lack lack = run.programme().lackOf(code);
        Optional<Ask> asked = dossier.openAskOf(Lack.subjectOf(code).isEmpty() ? lack.code() : Lack.subjectOf(code));
        if (asked.isPresent()) {
            return awaited(asked.get(), lack.factOf(code).path());
        }
        Wording wording = run.wording();
        String subject = Lack.subjectOf(code);
        String key = lack.code() + (subject.isEmpty() || !wording.has("missing." + lack.code() + "-of") ? "" : "-of");
        Map<String, Phrase> places = Map.of("name", Phrase.text(run.nameOf(subject)), "what", run.wordFor(code));
        Phrase title = lacking(run, "missing." + key, "missing.other", places);
        String path = lack.factOf(code).path();
        boolean askable = !lack.beforehand() && ASKED_HERE.contains(lack.from());
        return new Obstacle(
                Obstacle.Weight.ANSWER,
                kind(lack.factOf(code), lack.from(), run.programme()),
                title,
                lacking(run, "missing." + key + ".detail", "missing.from." + lack.from(), places),
                Phrase.NOTHING,
                path,
                askable
                        ? Optional.of(new Obstacle.Suggestion(
                                path,
                                title,
                                lacking(run, "ask." + key, "ask.other", places),
                                lacking(run, "good." + key, "good.other", places)))
                        : Optional.empty());
    }

    /** By where it is dealt with: what is found out, and not said, is no row of facts. */
    private static Obstacle.Kind kind(FactPath path, SaidBy from, Programme<?> programme) {
        if (programme.identityFact().map(FactPath::of).filter(path::equals).isPresent()) {
            return Obstacle.Kind.IDENTITY;
        }
        if (programme.policeFact().map(FactPath::of).filter(path::equals).isPresent()) {
            return Obstacle.Kind.REGISTER;
        }
        return switch (from) {
            case CO_SIGNER, THIRD_PARTY -> Obstacle.Kind.OTHERS;
            case APPLICANT, REGISTER, AGENCY -> Obstacle.Kind.MISSING;
        };
    }

    /** Someone else was asked for it. */
    private static Obstacle awaited(Ask ask, String path) {
        return new Obstacle(
                Obstacle.Weight.WANTED,
                Obstacle.Kind.OTHERS,
                new Phrase.Capital(ask.what()),
                Phrase.of(
                        "way.others.detail",
                        Phrase.full(ask.dueOn()),
                        ask.then().inWords()),
                Phrase.NOTHING,
                path,
                Optional.empty());
    }

    private static Phrase lacking(Run run, String key, String otherwise, Map<String, Phrase> places) {
        return new Phrase.Word(run.programme().id(), run.wording().has(key) ? key : otherwise, places);
    }
}
