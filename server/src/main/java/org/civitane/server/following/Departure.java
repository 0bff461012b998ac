package org.civitane.server.following;

import java.util.Locale;
import java.util.Optional;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What is written down before the bank is told of a payment, and once it has answered. */
@Component
@Transactional
class Departure {
    private final PaymentStore store;
    private final Payments payments;
    private final Overpayments overpayments;
    private final Replanning replanning;
    private final Attention attention;
    private final Claims claims;
    private final AgencyClock clock;

    Departure(
            PaymentStore store,
            Payments payments,
            Overpayments overpayments,
            Replanning replanning,
            Attention attention,
            Claims claims,
            AgencyClock clock) {
        this.store = store;
        this.payments = payments;
        this.overpayments = overpayments;
        this.replanning = replanning;
        this.attention = attention;
        this.claims = claims;
        this.clock = clock;
    }

    /** Settles once what the bank is told, so that it stays the same however often it has to be; empty once that is over. */
    Optional<Payment> settled(Payment payment) {
        claims.hold(payment.claim());
        if (store.tell(payment.id(), clock.instant())) {
            store.find(payment.id()).ifPresent(overpayments::keepBack);
        }
        return store.find(payment.id()).filter(now -> now.state() == Payment.State.PLANNED);
    }

    /** Writes down the bank's answer, while it is still awaited. */
    void answered(Payment payment, Payee payee, BankClient.Answer answer) {
        claims.hold(payment.claim());
        Payment.State state = !answer.booked()
                ? Payment.State.RETURNED
                : answer.cents() == payment.placed().cents() ? Payment.State.BOOKED : Payment.State.QUESTIONED;
        if (!store.answered(payment, state, payee.iban(), answer.cents(), clock.instant())) {
            return;
        }
        claims.note(
                payment.claim(),
                Actor.part(payee.isByPost() ? "following.post" : "following.bank"),
                "payment-" + state.name().toLowerCase(Locale.ROOT),
                Phrase.of(
                        (payee.isByPost() ? "history.postal-order." : "history.payment.") + state,
                        payment.placed().toString(),
                        payment.time().toString()));
        if (state == Payment.State.RETURNED) {
            overpayments.keepNothingBack(payment);
            replanning.cameBack(payment.claim());
            payments.cameBack(payment);
        } else {
            overpayments.keptBack(payment);
        }
        attention.to(payment.claim());
    }
}
