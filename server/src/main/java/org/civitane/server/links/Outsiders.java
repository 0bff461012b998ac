package org.civitane.server.links;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.fact.FactSpecs;
import org.civitane.core.programme.Outsider;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.exchange.casefile.CasePaths;
import org.civitane.exchange.casefile.FactText;
import org.civitane.exchange.casefile.Misfits;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.AskLapsed;
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimReceived;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.claims.Wait;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.forms.Asked;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Whom outside the household a claim asks: asked on receipt, answered by link, or silent until their day has passed. */
@Service
@Transactional
class Outsiders {
    private final Asks asks;
    private final Links links;
    private final Claims claims;
    private final Dossiers dossiers;
    private final Remarks remarks;
    private final AgencyClock clock;

    Outsiders(Asks asks, Links links, Claims claims, Dossiers dossiers, Remarks remarks, AgencyClock clock) {
        this.asks = asks;
        this.links = links;
        this.claims = claims;
        this.dossiers = dossiers;
        this.remarks = remarks;
        this.clock = clock;
    }

    /** Everyone whom the application names and nobody has asked yet is asked. */
    @EventListener
    void received(ClaimReceived event) {
        ClaimView claim = claims.claim(event.claim());
        List<Outsider> outsiders = Claims.programmeOf(claim).outsiders();
        if (!outsiders.isEmpty()) {
            Dossier dossier = dossiers.of(claim);
            outsiders.stream()
                    .filter(outsider -> isToBeAsked(dossier, outsider))
                    .forEach(outsider -> links.send(ask(dossier, outsider)));
        }
    }

    /** Why they are asked: who applies, and what they may know of it, as the applicant said it. */
    String about(Ask ask, Dossier dossier) {
        Programme<?> programme = Claims.programmeOf(dossier.claim());
        Wording wording = programme.wording(Locale.ENGLISH);
        Map<String, String> told = new HashMap<>();
        told.put("applicant", dossier.applicant().name().full());
        of(ask, dossier.claim()).told().forEach((place, path) -> told.put(place, said(dossier, path, programme)));
        return wording.whole("outsider." + ask.whom() + ".about", told);
    }

    private static String said(Dossier dossier, String path, Programme<?> programme) {
        FactPath fact = new FactPath(path);
        return CasePaths.get(dossier.said().copy(), fact)
                .map(value -> FactText.at(fact, value, programme.facts(), programme.wording(Locale.ENGLISH)))
                .orElse("");
    }

    private static boolean isToBeAsked(Dossier dossier, Outsider outsider) {
        JsonNode about = dossier.said().json().path(outsider.fact());
        return about.has(outsider.askedOn())
                && dossier.asks().stream().noneMatch(ask -> ask.whom().equals(outsider.code()));
    }

    private Ask ask(Dossier dossier, Outsider outsider) {
        LocalDate since = LocalDate.parse(dossier.said()
                .json()
                .path(outsider.fact())
                .path(outsider.askedOn())
                .asString());
        LocalDate dueOn = BusinessCalendar.plusBusinessDays(since, outsider.days());
        ClaimView claim = dossier.claim();
        Phrase what = new Phrase.Word(
                claim.programme(),
                "outsider." + outsider.code() + ".what",
                Map.of("name", Phrase.text(nameOf(dossier.said().json(), outsider))));
        claims.note(
                claim.id(),
                Actor.part("notice.actor"),
                "outsider-asked",
                Phrase.of("history.outsider-asked", new Phrase.Capital(what), Phrase.full(dueOn)));
        return asks.ask(
                claim,
                new Ask.Wanted(
                        Ask.Kind.WORD,
                        outsider.code(),
                        what,
                        dueOn,
                        Ask.Then.WITHOUT,
                        outsider.remindedAfter().stream()
                                .map(days -> BusinessCalendar.plusBusinessDays(since, days))
                                .toList()),
                "");
    }

    /** What they are called in the application. */
    static String nameOf(JsonNode file, Outsider outsider) {
        return file.path(outsider.fact()).path(outsider.name()).asString("");
    }

    /** What they are asked, in words. */
    List<Asked> asked(Ask ask, ClaimView claim) {
        Outsider outsider = of(ask, claim);
        return outsider.asked().stream()
                .map(question -> Asked.of(
                        question,
                        "outsider." + outsider.code() + ".",
                        Claims.programmeOf(claim).wording(Locale.ENGLISH)))
                .toList();
    }

    /** Whom an ask is to. */
    Outsider of(Ask ask, ClaimView claim) {
        return Claims.programmeOf(claim).outsiders().stream()
                .filter(outsider -> outsider.code().equals(ask.whom()))
                .findFirst()
                .orElseThrow(() -> Problem.notFound(Phrase.of("link.unknown")));
    }

    /**
     * Takes their answers down in a new edition. After the decision they are kept for a caseworker to look at, and change
     * nothing by themselves.
     *
     * @throws Problem at the first answer that is missing or cannot stand
     */
    void answer(Ask ask, Said said) {
        claims.hold(ask.claim());
        ClaimView claim = claims.claim(ask.claim());
        Outsider outsider = of(ask, claim);
        Dossier dossier = dossiers.of(claim);
        ObjectNode file = dossier.said().copy();
        Map<String, JsonNode> answers = OutsiderAnswers.checked(outsider, said.answers());
        answers.forEach((part, value) -> {
            FactPath path = FactPath.of(outsider.fact(), part);
            checkStands(claim, path, part, value);
            CasePaths.set(file, path, value);
        });
        CaseFiles.Read<?> read = read(file, outsider);
        String name = nameOf(file, outsider);
        if (claim.decidedAt().isPresent()) {
            OutsiderAnswers.inWords(asked(ask, claim), answers.keySet(), said.answers())
                    .forEach(row -> remarks.keep(
                            claim.id(),
                            ask.whom(),
                            outsider.fact() + "/" + row.path(),
                            row.label(),
                            row.words(),
                            clock.instant()));
            claims.note(claim.id(), Actor.called(name), "word-after", Phrase.of("history.word-after"));
            claims.touch(claim.id());
        } else if (claim.state().isOpen()) {
            claims.addEdition(claim.id(), read.file(), JsonColumn.write(file), Phrase.of("edition.word", name));
            claims.note(claim.id(), Actor.called(name), "word", Phrase.of("history.word"));
            comeBack(claim);
        } else {
            throw Problem.conflict("state", Phrase.of("link.too-late"));
        }
        asks.answered(ask);
    }

    private static void checkStands(ClaimView claim, FactPath path, String part, JsonNode value) {
        FactSpecs.shapeAt(Claims.programmeOf(claim).facts(), path)
                .flatMap(shape -> Misfits.of(value, shape))
                .ifPresent(why -> {
                    throw Problem.invalid(part, Phrase.of("problem.misfit." + why));
                });
    }

    /** They let their day pass: from then on the rules go on without them. */
    @EventListener
    void lapsed(AskLapsed event) {
        Ask ask = event.ask();
        ClaimView claim = claims.claim(ask.claim());
        if (ask.kind() == Ask.Kind.WORD && claim.state().isOpen()) {
            of(ask, claim).silentOn().ifPresent(fact -> goOnWithout(ask, claim, fact));
            comeBack(claim);
        }
    }

    private void goOnWithout(Ask ask, ClaimView claim, String silentOn) {
        ObjectNode file = dossiers.of(claim).said().copy();
        file.put(silentOn, clock.today().toString());
        CaseFiles.Read<?> read = CaseFiles.read(JsonColumn.bytes(file));
        claims.addEdition(claim.id(), read.file(), JsonColumn.write(file), Phrase.of("edition.silent", ask.what()));
    }

    private void comeBack(ClaimView claim) {
        if (claim.state() == ClaimState.WAITING
                && claim.waiting()
                        .filter(wait -> wait.on() == Wait.On.THIRD_PARTY)
                        .isPresent()) {
            claims.comeBack(claim.id());
        }
    }

    private static CaseFiles.Read<?> read(ObjectNode file, Outsider outsider) {
        try {
            return CaseFiles.read(JsonColumn.bytes(file));
        } catch (BadInput e) {
            String within = "/" + outsider.fact() + "/";
            throw Problem.invalid(
                    e.pointer().startsWith(within)
                            ? e.pointer().substring(within.length()).split("/")[0]
                            : "",
                    Phrase.of(e.fault()));
        }
    }
}
