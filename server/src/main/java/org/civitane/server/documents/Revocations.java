package org.civitane.server.documents;

import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Messages;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A document that was made out and should not have been: whoever checks it sees that it does not stand, its holder is
 * told why, and what is still here of it is destroyed. It cannot be taken back; the holder may apply again.
 */
@Service
@Transactional
class Revocations {
    private final Documents documents;
    private final Handovers handovers;
    private final Messages messages;
    private final Claims claims;
    private final Texts texts;
    private final AgencyClock clock;

    Revocations(
            Documents documents,
            Handovers handovers,
            Messages messages,
            Claims claims,
            Texts texts,
            AgencyClock clock) {
        this.documents = documents;
        this.handovers = handovers;
        this.messages = messages;
        this.claims = claims;
        this.texts = texts;
        this.clock = clock;
    }

    /** @param claim held by the caller @throws Problem when the document does not stand any more */
    void revoke(ClaimView claim, Issued document, String why, SignedIn supervisor) {
        if (document.on(clock.today()) != Issued.Standing.STANDS) {
            throw Problem.conflict("not-standing", Phrase.of("document.not-revocable"));
        }
        documents.revoke(document, clock.today(), why);
        handovers.standsNoMore(document, supervisor);
        claims.note(claim.id(), Actor.of(supervisor), "revoked", Phrase.of("history.revoked", document.number(), why));
        messages.tell(claim, texts.say("document.revoked", documents.titleOf(document), document.number(), why));
    }
}
