package org.civitane.server.following;

import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** By which money leaves: what the bank is told once counts once, however often it is told and answers. */
@Service
public class Outbox {
    private final PaymentStore store;
    private final BankClient bank;
    private final Departure departure;
    private final Claims claims;
    private final AgencyClock clock;

    Outbox(PaymentStore store, BankClient bank, Departure departure, Claims claims, AgencyClock clock) {
        this.store = store;
        this.bank = bank;
        this.departure = departure;
        this.claims = claims;
        this.clock = clock;
    }

    /** A caseworker looked at what the bank booked, and says why it is right. */
    @Transactional
    public void accept(ClaimView claim, UUID payment, String reason, SignedIn caseworker) {
        if (reason.isBlank()) {
            throw Problem.invalid("reason", Phrase.of("problem.reason"));
        }
        if (store.find(payment).filter(each -> each.claim().equals(claim.id())).isEmpty()) {
            throw Problem.notFound(Phrase.of("problem.no-payment"));
        }
        if (!store.accept(claim.id(), payment, clock.instant())) {
            throw Problem.conflict("not-questioned", Phrase.of("problem.not-questioned"));
        }
        claims.note(
                claim.id(),
                Actor.of(caseworker),
                "payment-accepted",
                Phrase.of("history.payment-accepted", reason.strip()));
        claims.touch(claim.id());
    }

    /** Tells the bank, outside of any transaction. */
    void send(UUID id) {
        store.find(id)
                .filter(payment -> payment.state() == Payment.State.PLANNED)
                .filter(payment -> !payment.due().isAfter(clock.today()))
                .flatMap(departure::settled)
                .ifPresent(leaving -> {
                    BankClient.Answer answer = leaving.payment().placed().isPositive()
                            ? bank.transfer(leaving.payment(), leaving.to())
                            : BankClient.Answer.NOTHING_TO_PLACE;
                    departure.answered(leaving, answer);
                });
    }
}
