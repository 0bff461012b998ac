package org.civitane.server.decisions;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Outsider;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.determinations.Run;
import org.civitane.server.determinations.Sentence;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Pdf;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Texts;
import org.springframework.stereotype.Component;

/** Writes letters: PDF with selectable text, the working in plain words, and the right to object. */
@Component
class Letters {
    private static final int OBJECTION_DAYS = 30;

    private final Pdf pdf;
    private final Texts texts;
    private final AgencyClock clock;

    Letters(Pdf pdf, Texts texts, AgencyClock clock) {
        this.pdf = pdf;
        this.texts = texts;
        this.clock = clock;
    }

    /** One line of the working, with how deep it stands. */
    record Line(String text, int depth) {}

    byte[] pdf(ClaimView claim, Run run, Decision.Kind kind, Phrase reason, Phrase by) {
        return pdf.set(html(claim, run, kind, reason, by));
    }

    /** A page as PDF. */
    byte[] set(String page) {
        return pdf.set(page);
    }

    /** The letter as the page that its PDF is made from. */
    String html(ClaimView claim, Run run, Decision.Kind kind, Phrase reason, Phrase by) {
        Map<String, Object> letter = new HashMap<>();
        letter.put("claim", claim);
        letter.put("programme", run.wording().text("name"));
        letter.put("date", run.wording().shown(clock.today()));
        letter.put("received", run.wording().shown(claim.receivedOn()));
        letter.put("applicant", run.applicant());
        letter.put("headline", texts.say("letter.headline." + kind));
        letter.put(
                "outcomes",
                kind == Decision.Kind.CLOSED
                        ? List.of()
                        : run.determination().outcomes().stream()
                                .map(outcome -> sentence(run, outcome))
                                .toList());
        letter.put(
                "missing",
                run.determination().missing().stream().map(run.wording()::shown).toList());
        letter.put("reason", texts.say(reason));
        letter.put("working", kind == Decision.Kind.CLOSED ? List.of() : lines(run.workingThatCounts(), 0));
        letter.put("following", WhatFollows.sentences(run, kind, clock.today(), texts));
        letter.put("by", texts.say(by));
        letter.put("objectBy", run.wording().shown(clock.today().plusDays(OBJECTION_DAYS)));
        letter.put("closed", kind == Decision.Kind.CLOSED);
        return pdf.fill("decision", letter);
    }

    /** The letter to someone outside the household, as PDF; nothing where the outcome is not theirs to know. */
    Optional<byte[]> toOther(Dossier dossier, Outsider outsider) {
        Run run = dossier.run();
        return run.determination().outcomes().stream()
                .findFirst()
                .filter(outcome -> run.wording().has(wordsFor(outsider, outcome)))
                .map(outcome -> {
                    Map<String, String> places = new HashMap<>(run.places(outcome));
                    places.put("applicant", run.applicant());
                    Map<String, Object> letter = new HashMap<>();
                    letter.put("date", run.wording().shown(clock.today()));
                    letter.put("to", nameOf(dossier, outsider));
                    letter.put("number", dossier.claim().number());
                    letter.put("title", run.wording().text("outsider." + outsider.code() + ".title"));
                    letter.put(
                            "sentence", run.wording().filled(run.wording().text(wordsFor(outsider, outcome)), places));
                    return pdf.of("letter-to-other", letter);
                });
    }

    private static String wordsFor(Outsider outsider, Outcome outcome) {
        return "outsider." + outsider.code() + ".letter." + outcome.result();
    }

    /** What someone outside the household is called in the application. */
    static String nameOf(Dossier dossier, Outsider outsider) {
        return dossier.said().json().path(outsider.fact()).path(outsider.name()).asString("");
    }

    private static String sentence(Run run, Outcome outcome) {
        return run.wording().filled(run.wording().text("letter." + outcome.result()), run.places(outcome));
    }

    private static List<Line> lines(List<Sentence> working, int depth) {
        return working.stream()
                .flatMap(sentence -> java.util.stream.Stream.concat(
                        java.util.stream.Stream.of(new Line(sentence.text(), depth)),
                        lines(sentence.steps(), depth + 1).stream()))
                .toList();
    }
}
