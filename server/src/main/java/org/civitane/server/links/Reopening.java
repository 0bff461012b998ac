package org.civitane.server.links;

import org.civitane.server.access.Accounts;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Contact;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Opens again what was closed since it was said too often wrongly who opened a link: a caseworker has reached the person by
 * a way of that person's own, by which alone nobody else signs in their place.
 */
@Service
@Transactional
class Reopening {
    private final LinkStore store;
    private final Claims claims;
    private final Accounts accounts;

    Reopening(LinkStore store, Claims claims, Accounts accounts) {
        this.store = store;
        this.claims = claims;
        this.accounts = accounts;
    }

    /**
     * Opens it, where it was closed.
     *
     * @param reach the way of the person's own
     * @throws Problem where it was closed and that is no way, or one of the applicant's
     */
    void open(Dossier dossier, String whom, Others.Reach reach, SignedIn caseworker) {
        dossier.asks().stream()
                .filter(ask -> ask.whom().equals(whom))
                .reduce((one, later) -> later)
                .filter(store::isClosed)
                .ifPresent(ask -> open(ask, dossier, reach, caseworker));
    }

    private void open(Ask ask, Dossier dossier, Others.Reach reach, SignedIn caseworker) {
        refuseApplicantsWays(dossier, reach);
        store.reopen(ask);
        claims.note(ask.claim(), Actor.of(caseworker), "link-reopened", Phrase.of("history.link-reopened", ask.what()));
    }

    private void refuseApplicantsWays(Dossier dossier, Others.Reach reach) {
        Contact theirs = dossier.contact();
        String account = accounts.account(dossier.claim().applicant()).email();
        boolean none = reach.email().isEmpty() && reach.phone().isEmpty();
        boolean isTheirs = reach.email().equalsIgnoreCase(account)
                || !reach.email().isEmpty() && reach.email().equalsIgnoreCase(theirs.email())
                || !reach.phone().isEmpty() && reach.phone().equals(theirs.phone());
        if (none || isTheirs) {
            throw Problem.invalid("contact/email", Phrase.of("link.own-way"));
        }
    }
}
