package org.civitane.server.links;

import java.util.List;
import java.util.Optional;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.papers.CodeOnPaper;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Forms that come back on paper: their code leads them to their ask, and a caseworker takes down what they say. Nothing
 * is taken from a paper by itself.
 */
@Service
@Transactional
class FormsOnPaper {
    private final Links links;
    private final LinkStore store;
    private final LinkPages pages;
    private final Asks asks;
    private final Claims claims;

    FormsOnPaper(Links links, LinkStore store, LinkPages pages, Asks asks, Claims claims) {
        this.links = links;
        this.store = store;
        this.pages = pages;
        this.asks = asks;
        this.claims = claims;
    }

    /** What is still owed and has come back on a form that nobody has taken down. */
    @Transactional(readOnly = true)
    List<Ask> open(Dossier dossier) {
        return dossier.asks().stream()
                .filter(ask -> ask.kind().isByLink() && ask.state().isOpen())
                .filter(ask -> !store.papers(ask.id()).isEmpty())
                .toList();
    }

    /** A paper of a claim bears a code: where it is one of that claim's asks, the desk is told. */
    @EventListener
    void found(CodeOnPaper event) {
        Optional<Ask> ask =
                links.behind(event.text()).filter(each -> each.claim().equals(event.claim()));
        ask.ifPresent(known -> {
            store.cameBack(known.id(), event.paper());
            claims.note(
                    event.claim(),
                    Actor.part("notice.actor"),
                    "form-came-back",
                    Phrase.of("history.form-came-back", known.what()));
        });
    }

    /** Takes down what a form on paper says, as its signer or whoever was asked would have by their link. */
    void takeDown(ClaimView claim, String whom, Said said, SignedIn caseworker) {
        Ask ask = asks.of(claim.id()).stream()
                .filter(each -> each.whom().equals(whom) && each.state() != Ask.State.ANSWERED)
                .reduce((one, later) -> later)
                .orElseThrow(() -> Problem.notFound(Phrase.of("link.nobody")));
        if (store.papers(ask.id()).isEmpty()) {
            throw Problem.conflict("no-form", Phrase.of("link.no-form"));
        }
        claims.note(
                claim.id(), Actor.of(caseworker), "form-taken-down", Phrase.of("history.form-taken-down", ask.what()));
        pages.handIn(ask, said);
        claims.touch(claim.id());
    }

    /** The claim that the form with this code belongs to; nothing when the code is none of ours. */
    @Transactional(readOnly = true)
    Optional<ClaimView> claimOf(String code) {
        return links.behind(code).map(Ask::claim).map(claims::claim);
    }
}
