package org.civitane.server.documents;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.Consequence;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Notices;
import org.civitane.server.documents.Handover.State;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.policies.PolicyStore;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Documents on their way to whoever asked for them: handed over at the desk or sent by post, once; brought back by the
 * post; reminded of, and destroyed when nobody came. How long is in the policy table of its own.
 */
@Service
@Transactional
public class Handovers {
    static final String TABLE = "unfetched-documents";

    private final HandoverStore store;
    private final PolicyStore policies;
    private final Claims claims;
    private final Notices notices;

    Handovers(HandoverStore store, PolicyStore policies, Claims claims, Notices notices) {
        this.store = store;
        this.policies = policies;
        this.claims = claims;
        this.notices = notices;
    }

    @Transactional(readOnly = true)
    public Optional<Handover> of(UUID document) {
        return store.of(document);
    }

    void plan(Issued document, Consequence.HandOver how) {
        store.plan(document, how, limits(document.issuedOn()));
    }

    /**
     * What someone saw who hands a document over.
     *
     * @param shown the identity document that was shown
     * @param to who came, where that is not the holder
     * @param authorised whether their signed authority was seen
     */
    record Seen(String shown, String to, boolean authorised) {}

    /** Handed over at the desk. @throws Problem when it is not there any more, or not to be given to whoever came */
    void give(Issued document, Seen seen, SignedIn caseworker) {
        Handover handover = held(document);
        ClaimActs.checkIsFree(claims.claim(handover.claim()));
        if (document.isGone() || handover.state() != State.WAITING || !handover.atTheDesk()) {
            throw Problem.conflict("not-here", notHere(document, handover));
        }
        if (handover.toAProxy() && (!seen.authorised() || seen.to().isBlank())) {
            throw Problem.invalid(seen.to().isBlank() ? "to" : "authorised", Phrase.of("handover.needs-authority"));
        }
        if (!handover.toAProxy() && !seen.to().isBlank()) {
            throw Problem.invalid("to", Phrase.of("handover.holder-only"));
        }
        store.move(document.id(), State.WAITING, State.GIVEN, caseworker.displayName(), seen.shown());
        claims.note(
                handover.claim(),
                Actor.of(caseworker),
                "handed-over",
                handover.toAProxy()
                        ? Phrase.of("history.handed-to-proxy", document.number(), seen.to(), seen.shown())
                        : Phrase.of("history.handed-over", document.number(), seen.shown()));
    }

    private static Phrase notHere(Issued document, Handover handover) {
        if (document.replaced()) {
            return Phrase.of("handover.replaced");
        }
        if (document.revoked().isPresent()) {
            return Phrase.of("handover.revoked");
        }
        return switch (handover.state()) {
            case WAITING -> Phrase.of("handover.by-post");
            case GIVEN -> Phrase.of("handover.given", handover.movedOn(), handover.movedBy());
            case SENT -> Phrase.of("handover.sent", handover.movedOn());
            case RETURNED -> Phrase.of("handover.returned", handover.movedOn());
            case DESTROYED -> Phrase.of("handover.destroyed", handover.movedOn());
        };
    }

    /** Those of them that wait, of claims that are not held, went by post today; of the others nothing changes. */
    void sent(List<Issued> documents, SignedIn caseworker) {
        for (Issued document : documents) {
            Handover handover = held(document);
            if (!handover.atTheDesk()
                    && !claims.claim(handover.claim()).held()
                    && store.move(document.id(), State.WAITING, State.SENT, caseworker.displayName(), "")) {
                claims.note(
                        handover.claim(),
                        Actor.of(caseworker),
                        "posted",
                        Phrase.of("history.posted", document.number()));
                notices.tell(handover.claim());
            }
        }
    }

    /** The post brought it back: a caseworker finds out where it can go. @throws Problem when it was not sent */
    void returned(Issued document, String why, SignedIn caseworker) {
        Handover handover = held(document);
        if (!store.move(document.id(), State.SENT, State.RETURNED, caseworker.displayName(), why)) {
            throw Problem.conflict("not-sent", Phrase.of("handover.not-sent"));
        }
        claims.note(
                handover.claim(),
                Actor.of(caseworker),
                "post-returned",
                Phrase.of("history.post-returned", document.number(), why));
        claims.touch(handover.claim());
        notices.tell(handover.claim());
    }

    /**
     * It goes again, by post or to the desk, on the next business day.
     *
     * @throws Problem when it did not come back
     */
    void again(Issued document, boolean atTheDesk, SignedIn caseworker) {
        Handover handover = held(document);
        if (handover.state() != State.RETURNED) {
            throw Problem.conflict("not-returned", Phrase.of("handover.not-returned"));
        }
        LocalDate today = store.clock().today();
        store.waitAgain(
                document.id(), atTheDesk, BusinessCalendar.plusBusinessDays(today, 1), limits(document.issuedOn()));
        claims.note(
                handover.claim(),
                Actor.of(caseworker),
                "goes-again",
                Phrase.of(atTheDesk ? "history.kept-at-desk" : "history.goes-again", document.number()));
        claims.touch(handover.claim());
        notices.tell(handover.claim());
    }

    /** It stands no more: what is still here of it is destroyed. */
    void standsNoMore(Issued document, SignedIn caseworker) {
        if (store.of(document.id()).isPresent()) {
            for (State here : List.of(State.WAITING, State.RETURNED)) {
                store.move(document.id(), here, State.DESTROYED, caseworker.displayName(), "");
            }
        }
    }

    /** Its holder is told once more that it can be fetched. */
    void remind(Issued document) {
        Handover handover = held(document);
        store.reminded(document.id());
        claims.note(
                handover.claim(),
                Actor.CALENDAR,
                "fetch-reminded",
                Phrase.of("history.fetch-reminded", document.number(), handover.destroyOn()));
        notices.tell(handover.claim());
    }

    /** Nobody came in time. */
    void destroy(Issued document) {
        Handover handover = held(document);
        boolean isHere = handover.state() == State.WAITING || handover.state() == State.RETURNED;
        if (isHere && store.move(document.id(), handover.state(), State.DESTROYED, "", "")) {
            claims.note(
                    handover.claim(), Actor.CALENDAR, "destroyed", Phrase.of("history.destroyed", document.number()));
            claims.touch(handover.claim());
            notices.tell(handover.claim());
        }
    }

    /** With its claim held, so that what two do at once is done one after the other. */
    private Handover held(Issued document) {
        claims.hold(document.claim());
        return store.of(document.id()).orElseThrow(() -> Problem.notFound(Phrase.of("handover.none")));
    }

    private PolicyVersion limits(LocalDate on) {
        return policies.book().inForce(TABLE, on);
    }
}
