package org.civitane.server.decisions;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.civitane.core.programme.Consequence;
import org.civitane.server.determinations.Run;
import org.civitane.server.platform.Texts;

/** What follows a decision, in the sentences of its letter. */
final class WhatFollows {
    private WhatFollows() {}

    /** What leaves at first, the other months together, and where the money goes; nothing where nothing is paid. */
    static List<String> sentences(Run run, Decision.Kind kind, LocalDate decidedOn, Texts texts) {
        List<Consequence> following =
                kind == Decision.Kind.CLOSED ? List.of() : run.programme().consequences(run.determination(), decidedOn);
        List<Consequence.Pay> pays = following.stream()
                .filter(Consequence.Pay.class::isInstance)
                .map(Consequence.Pay.class::cast)
                .toList();
        if (pays.isEmpty()) {
            return fees(run, following, texts);
        }
        LocalDate soon = pays.getFirst().on();
        boolean all = kind == Decision.Kind.DETERMINED;
        List<Consequence.Pay> now = pays.stream()
                .filter(pay -> pay.on().equals(soon))
                .limit(all ? pays.size() : 1)
                .toList();
        List<String> sentences = new ArrayList<>();
        now.forEach(pay -> sentences.add(texts.say(
                "letter.pay.now",
                run.wording().shown(pay.amount()),
                run.wording().shown(pay.month()),
                run.wording().shown(pay.on()))));
        if (all && now.size() < pays.size()) {
            Consequence.Pay next = pays.get(now.size());
            sentences.add(texts.say(
                    "letter.pay.then",
                    run.wording().shown(next.amount()),
                    run.wording().shown(next.month()),
                    run.wording().shown(pays.getLast().month())));
        }
        sentences.add(pays.getFirst()
                .to()
                .map(code -> texts.say("letter.pay.other", run.wording().text("outsider." + code + ".who")))
                .orElseGet(() -> texts.say("letter.pay.account")));
        return sentences;
    }

    private static List<String> fees(Run run, List<Consequence> following, Texts texts) {
        return following.stream()
                .filter(Consequence.Charge.class::isInstance)
                .map(Consequence.Charge.class::cast)
                .map(charge -> texts.say(
                        "letter.fee",
                        run.wording().shown(charge.amount()),
                        run.wording().shown(charge.payBy())))
                .toList();
    }
}
