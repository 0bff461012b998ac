package org.civitane.server.links;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Map;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.Member;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.fact.Lack;
import org.civitane.core.person.Names;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimReceived;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.node.ObjectNode;

/** Others of the household who have to sign: asked when it is handed in, and again when a caseworker says so. */
@Service
@Transactional
class CoSigners {
    private static final int DAYS = 10;
    private static final int REMINDED_BEFORE = 3;
    private static final String SIGNATURE = "signature";
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm:ss");

    private final Asks asks;
    private final Links links;
    private final Claims claims;
    private final Dossiers dossiers;
    private final Remarks remarks;
    private final AgencyClock clock;

    CoSigners(Asks asks, Links links, Claims claims, Dossiers dossiers, Remarks remarks, AgencyClock clock) {
        this.asks = asks;
        this.links = links;
        this.claims = claims;
        this.dossiers = dossiers;
        this.remarks = remarks;
        this.clock = clock;
    }

    /** Whoever still has to sign is asked; handing in is over by then, and has its date. */
    @EventListener
    void received(ClaimReceived event) {
        ClaimView claim = claims.claim(event.claim());
        if (claim.state() == ClaimState.SIGNING) {
            Dossier dossier = dossiers.of(claim);
            wanted(dossier).stream()
                    .filter(member ->
                            dossier.asks().stream().noneMatch(ask -> ask.whom().equals(member.id())))
                    .forEach(member -> links.send(ask(claim, member, "")));
        }
    }

    /** Those whose signature is lacking. */
    List<? extends Member> wanted(Dossier dossier) {
        List<String> lacking = dossier.run().determination().missing().stream()
                .filter(code -> Lack.codeOf(code).startsWith(SIGNATURE))
                .map(Lack::subjectOf)
                .toList();
        return dossier.said().file().members().stream()
                .filter(member -> lacking.contains(member.id())
                        && !member.id().equals(dossier.applicant().id()))
                .toList();
    }

    /** Asks for a signature from today on. @param by who asks, for the record */
    Ask ask(ClaimView claim, Member member, String by) {
        LocalDate dueOn = BusinessCalendar.plusBusinessDays(clock.today(), DAYS);
        Ask ask = asks.ask(
                claim,
                new Ask.Wanted(
                        Ask.Kind.SIGNATURE,
                        member.id(),
                        Phrase.of("wait.signature", member.name().full()),
                        dueOn,
                        Ask.Then.GO_ON,
                        List.of(BusinessCalendar.plusBusinessDays(clock.today(), DAYS - REMINDED_BEFORE))),
                by);
        claims.note(
                claim.id(),
                by.isEmpty() ? Actor.part("notice.actor") : Actor.called(by),
                "signature-asked",
                Phrase.of("history.signature-asked", member.name().full(), Phrase.full(dueOn)));
        return ask;
    }

    /**
     * Takes a signature down, with what its signer says is not right: a new edition of the application that differs in
     * nothing else.
     *
     * @param labels what the facts are called that a signer may remark on, by path
     * @throws Problem when the claim is decided, or the name is not theirs
     */
    void sign(Ask ask, Said said, Map<String, String> labels) {
        claims.hold(ask.claim());
        ClaimView claim = claims.claim(ask.claim());
        if (!claim.state().isOpen()) {
            throw Problem.conflict("state", Phrase.of("link.too-late"));
        }
        Dossier dossier = dossiers.of(claim);
        Member member = member(dossier, ask.whom());
        if (Names.compare(said.name(), member.name().full()) != Names.Verdict.MATCH) {
            throw Problem.invalid(
                    "name", Phrase.of("problem.signature", member.name().full()));
        }
        said.remarks().forEach((path, words) -> {
            if (!labels.containsKey(path)) {
                throw Problem.invalid(path, Phrase.of("problem.no-such-fact"));
            }
            if (!words.isBlank()) {
                remarks.keep(claim.id(), member.id(), path, labels.get(path), words.strip(), clock.instant());
            }
        });
        ObjectNode file = dossier.said().copy();
        file.withArray("signatures")
                .addObject()
                .put("member", member.id())
                .put("name", said.name().strip())
                .put("signedAt", MOMENT.format(clock.localNow()));
        CaseFiles.Read<?> read = CaseFiles.read(JsonColumn.bytes(file));
        claims.addEdition(
                claim.id(),
                read.file(),
                JsonColumn.write(file),
                Phrase.of("edition.signed", member.name().full()));
        claims.note(claim.id(), Actor.called(member.name().full()), "signed", signed(said));
        asks.answered(ask);
    }

    private static Phrase signed(Said said) {
        long remarked = said.remarks().values().stream()
                .filter(words -> !words.isBlank())
                .count();
        return remarked == 0 ? Phrase.of("history.signed") : Phrase.of("history.signed-but", remarked);
    }

    /** A member of the household as the application names them. */
    Member member(Dossier dossier, String id) {
        return dossier.said().file().members().stream()
                .filter(member -> member.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Problem.notFound(Phrase.of("link.unknown")));
    }
}
