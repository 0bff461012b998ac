package org.civitane.server.following;

import java.util.Locale;
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
import org.springframework.transaction.support.TransactionTemplate;

/** By which money leaves: what the bank is told once counts once, however often it is told and answers. */
@Service
public class Outbox {
    private final PaymentStore store;
    private final BankClient bank;
    private final Payments payments;
    private final Attention attention;
    private final Claims claims;
    private final TransactionTemplate transaction;
    private final AgencyClock clock;

    Outbox(
            PaymentStore store,
            BankClient bank,
            Payments payments,
            Attention attention,
            Claims claims,
            TransactionTemplate transaction,
            AgencyClock clock) {
        this.store = store;
        this.bank = bank;
        this.payments = payments;
        this.attention = attention;
        this.claims = claims;
        this.transaction = transaction;
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
        attention.to(claim.id());
    }

    /** Tells the bank, outside of any transaction; the answer is written down only while it is still awaited. */
    void send(UUID id) {
        store.find(id)
                .filter(payment -> payment.state() == Payment.State.PLANNED)
                .filter(payment -> !payment.due().isAfter(clock.today()))
                .ifPresent(payment -> store.payee(payment.claim()).ifPresent(payee -> {
                    BankClient.Answer answer = bank.transfer(payment, payee);
                    transaction.executeWithoutResult(status -> answered(payment, payee, answer));
                }));
    }

    private void answered(Payment payment, Payee payee, BankClient.Answer answer) {
        claims.hold(payment.claim());
        Payment.State state = !answer.booked()
                ? Payment.State.RETURNED
                : answer.cents() == payment.amount().cents() ? Payment.State.BOOKED : Payment.State.QUESTIONED;
        if (!store.answered(payment, state, payee.iban(), answer.cents(), clock.instant())) {
            return;
        }
        claims.note(
                payment.claim(),
                Actor.part("following.bank"),
                "payment-" + state.name().toLowerCase(Locale.ROOT),
                Phrase.of(
                        "history.payment." + state,
                        payment.amount().toString(),
                        payment.time().toString()));
        if (state == Payment.State.RETURNED) {
            payments.cameBack(payment);
        }
        attention.to(payment.claim());
    }
}
