package org.civitane.server.contact;

import org.civitane.server.access.AccountClosed;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.Phrase;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Whoever closed their account cannot read what stands there: their open claims go on by letter. */
@Component
class ClosedAccounts {
    private final Contacts contacts;
    private final Claims claims;

    ClosedAccounts(Contacts contacts, Claims claims) {
        this.contacts = contacts;
        this.claims = claims;
    }

    @EventListener
    void closed(AccountClosed event) {
        claims.claimsOf(event.who()).stream()
                .filter(claim -> claim.state().isOpen())
                .forEach(this::byLetter);
    }

    private void byLetter(ClaimView claim) {
        claims.hold(claim.id());
        String member = claims.applicantMember(claim);
        contacts.keep(claim.id(), member, contacts.of(claim.id(), member).byLetterAlone());
        claims.note(claim.id(), Actor.part("notice.actor"), "account-closed", Phrase.of("history.account-closed"));
        claims.touch(claim.id());
    }
}
