package org.civitane.server.decisions;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.AskLapsed;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Decides claims: keeps what the decision rests on and its letter, in one transaction with the claim's new state. */
@Service
@Transactional
public class Decisions {
    private static final int LONGEST_REASON = 2000;

    private final Claims claims;
    private final DecisionStore store;
    private final ClaimActs acts;
    private final Dossiers dossiers;
    private final Announcing announcing;
    private final LetterBox letters;
    private final StillOpen stillOpen;

    Decisions(
            Claims claims,
            DecisionStore store,
            ClaimActs acts,
            Dossiers dossiers,
            Announcing announcing,
            LetterBox letters,
            StillOpen stillOpen) {
        this.claims = claims;
        this.store = store;
        this.acts = acts;
        this.dossiers = dossiers;
        this.announcing = announcing;
        this.letters = letters;
        this.stillOpen = stillOpen;
    }

    /** The decision on a claim, once there is one. */
    @Transactional(readOnly = true)
    public Optional<Decision> of(UUID claim) {
        return store.of(claim);
    }

    /** The letter as it would go out if the claim were decided now, as PDF. */
    @Transactional(readOnly = true)
    public byte[] preview(ClaimView claim, String reason, SignedIn caseworker) {
        return letters.preview(
                claim,
                dossiers.of(claim).run(),
                Decision.Kind.DETERMINED,
                Phrase.text(reason),
                Phrase.text(caseworker.displayName()));
    }

    /** The same as HTML, which the PDF is made from. */
    @Transactional(readOnly = true)
    public String previewText(ClaimView claim, String reason, SignedIn caseworker) {
        return letters.previewText(
                claim,
                dossiers.of(claim).run(),
                Decision.Kind.DETERMINED,
                Phrase.text(reason),
                Phrase.text(caseworker.displayName()));
    }

    /**
     * Decides the claim as it stands.
     *
     * @param claim as it is held by {@link org.civitane.server.claims.ClaimActs}, so that nothing it rests on changes
     *     between determining and deciding
     * @param reason needed when anyone gets less than they asked for
     * @param despite why it is decided although something is still in the way; needed when something is
     */
    public Decision decide(ClaimView claim, String reason, String despite, SignedIn caseworker) {
        acts.check(claim, Act.DECIDE);
        Dossier dossier = dossiers.of(claim);
        Run run = dossier.run();
        if (dossier.isRegisterAwaited()) {
            throw Problem.conflict("register-silent", Phrase.of("problem.register-silent"));
        }
        if (!run.determination().status().isFinal()) {
            throw Problem.conflict("incomplete", Phrase.of("problem.incomplete"));
        }
        if (reason.length() > LONGEST_REASON) {
            throw Problem.invalid("reason", Phrase.of("problem.reason"));
        }
        boolean negative = run.determination().outcomes().stream()
                .anyMatch(outcome -> run.findingOf(outcome).needsReason());
        if (negative && reason.isBlank()) {
            throw Problem.invalid("reason", Phrase.of("problem.negative-needs-reason"));
        }
        List<Phrase> open = stillOpen.of(dossier);
        if (!open.isEmpty() && (despite.isBlank() || despite.length() > LONGEST_REASON)) {
            throw Problem.invalid("despite", Phrase.of("problem.still-open", Phrase.several(open, "; ")));
        }
        if (!open.isEmpty()) {
            claims.note(
                    claim.id(),
                    Actor.of(caseworker),
                    "decided-despite",
                    Phrase.of("history.decided-despite", Phrase.several(open, "; "), despite.strip()));
        }
        return keep(dossier, Decision.Kind.DETERMINED, Phrase.text(reason.strip()), Actor.of(caseworker));
    }

    /** A fix list went unanswered: what it announced happens. */
    @EventListener
    void lapsed(AskLapsed event) {
        Ask ask = event.ask();
        if (ask.kind() != Ask.Kind.FIX_LIST) {
            return;
        }
        Dossier dossier = dossiers.of(ask.claim());
        boolean decides = ask.then() == Ask.Then.DECIDE;
        if (decides && dossier.isRegisterAwaited()) {
            claims.note(ask.claim(), Actor.CALENDAR, "not-decided", Phrase.of("history.not-decided-on-silence"));
            return;
        }
        Decision.Kind kind = decides ? Decision.Kind.DETERMINED : Decision.Kind.CLOSED;
        keep(dossier, kind, Phrase.of("decision.lapsed." + ask.then()), Actor.CALENDAR);
    }

    /** Closes a claim as incomplete, since what was still to be shown did not come. */
    void close(ClaimView claim, Phrase reason) {
        keep(dossiers.of(claim), Decision.Kind.CLOSED, reason, Actor.CALENDAR);
    }

    /** The letter of a decided claim, else the one that told of an urgent award, as PDF. */
    @Transactional(readOnly = true)
    public byte[] letter(UUID claim) {
        return letters.open(store.letter(claim).orElseThrow(() -> Problem.notFound(Phrase.of("problem.no-letter"))));
    }

    /** What stands in it, as HTML. @throws Problem when there is none, or it went out before pages were kept */
    @Transactional(readOnly = true)
    public String letterText(UUID claim) {
        return store.letter(claim)
                .flatMap(letters::pageOf)
                .orElseThrow(() -> Problem.notFound(Phrase.of("problem.no-letter-text")));
    }

    /** To whom else the decision was told. */
    @Transactional(readOnly = true)
    public List<LetterBox.ToOther> lettersToOthers(UUID claim) {
        return letters.toOthers(claim);
    }

    /** The letter to one of them, as PDF. */
    @Transactional(readOnly = true)
    public byte[] letterTo(UUID claim, String whom) {
        return letters.toOther(claim, whom).orElseThrow(() -> Problem.notFound(Phrase.of("problem.no-letter")));
    }

    private Decision keep(Dossier dossier, Decision.Kind kind, Phrase reason, Actor actor) {
        ClaimView claim = dossier.claim();
        Announcing.Kept kept = announcing.keep(dossier, kind, reason, actor.name());
        Decision decision = store.keep(claim.id(), kept, kind, reason, actor);
        claims.note(claim.id(), actor, "decided", Phrase.of("history.decided." + kind));
        claims.decide(claim.id(), kind == Decision.Kind.CLOSED);
        announcing.tell(dossier, kept.run(), kind);
        return decision;
    }
}
