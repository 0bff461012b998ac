package org.civitane.server.following;

import java.util.Optional;
import java.util.UUID;
import org.civitane.core.person.Iban;
import org.civitane.core.programme.Outsider;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/**
 * Money that goes to someone outside the household: to the account they gave by their link. Where there is none, or
 * money came back, a caseworker asks them and takes another one down; the applicant has no say in it.
 */
@Service
@Transactional
class PaidOutsiders {
    private final PaymentStore store;
    private final Claims claims;
    private final Dossiers dossiers;
    private final AgencyClock clock;

    PaidOutsiders(PaymentStore store, Claims claims, Dossiers dossiers, AgencyClock clock) {
        this.store = store;
        this.claims = claims;
        this.dossiers = dossiers;
        this.clock = clock;
    }

    /** Keeps the account that they gave, if they did. @param code names them in the claim's programme */
    void paid(UUID id, String code) {
        ClaimView claim = claims.claim(id);
        Outsider outsider = outsider(claim, code);
        JsonNode about = dossiers.of(claim).settled().json().path(outsider.fact());
        outsider.account()
                .flatMap(account -> Iban.typed(about.path(account).asString("")))
                .map(iban -> Payee.account(iban, about.path(outsider.name()).asString("")))
                .ifPresent(payee -> store.keep(id, payee, code, Phrase.text(payee.holder()), clock.instant()));
    }

    /** They have to be asked for an account, by a caseworker. */
    void accountIsWanted(UUID claim) {
        claims.touch(claim);
    }

    /** Who is paid, in words; empty where that is the household. */
    Optional<Phrase> whom(ClaimView claim) {
        return store.whom(claim.id()).map(code -> Phrase.word(claim.programme(), "outsider." + code + ".who"));
    }

    /**
     * A caseworker takes down another account of theirs; what came back can go out again.
     *
     * @param why how the caseworker knows it
     * @throws Problem at no account, without a reason, or where the money is the household's
     */
    void takeDown(ClaimView claim, String iban, String why, SignedIn caseworker) {
        String code =
                store.whom(claim.id()).orElseThrow(() -> Problem.notFound(Phrase.of("problem.account-of-household")));
        String account = Iban.typed(iban).orElseThrow(() -> Problem.invalid("iban", Phrase.of("problem.iban")));
        if (why.isBlank()) {
            throw Problem.invalid("reason", Phrase.of("problem.reason"));
        }
        Payee payee = Payee.account(account, nameOf(claim, outsider(claim, code)));
        store.keep(claim.id(), payee, code, Actor.of(caseworker).name(), clock.instant());
        store.planAgain(claim.id(), clock.instant());
        claims.note(
                claim.id(),
                Actor.of(caseworker),
                "account-taken-down",
                Phrase.of("history.account-taken-down", why.strip()));
        claims.touch(claim.id());
    }

    private String nameOf(ClaimView claim, Outsider outsider) {
        return dossiers.of(claim)
                .said()
                .json()
                .path(outsider.fact())
                .path(outsider.name())
                .asString("");
    }

    private static Outsider outsider(ClaimView claim, String code) {
        return Claims.programmeOf(claim).outsiders().stream()
                .filter(each -> each.code().equals(code))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("Impossible state: money goes to nobody: " + code));
    }
}
