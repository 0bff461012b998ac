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
    private final Claims claims;
    private final AgencyClock clock;

    Departure(
            PaymentStore store,
            Payments payments,
            Overpayments overpayments,
            Replanning replanning,
            Claims claims,
            AgencyClock clock) {
        this.store = store;
        this.payments = payments;
        this.overpayments = overpayments;
        this.replanning = replanning;
        this.claims = claims;
        this.clock = clock;
    }

    /** Money that leaves. @param to where the bank is told to place it, which was given for whoever it is for */
    record Leaving(Payment payment, Payee to) {}

    /**
     * Settles once what the bank is told and where it is to go, so that both stay the same however often it has to be told
     * and whoever gives another account meanwhile; empty while nobody has given one, while the claim is held, and once that
     * is over.
     */
    Optional<Leaving> settled(Payment payment) {
        claims.hold(payment.claim());
        if (claims.claim(payment.claim()).held()) {
            return Optional.empty();
        }
        Optional<Payee> to = store.told(payment.id()).or(() -> store.payee(payment.claim(), payment.whom()));
        if (to.isPresent() && store.tell(payment.id(), to.get(), clock.instant())) {
            store.find(payment.id()).ifPresent(overpayments::keepBack);
        }
        return to.flatMap(payee -> store.find(payment.id())
                .filter(now -> now.state() == Payment.State.PLANNED)
                .map(now -> new Leaving(now, payee)));
    }

    /** Writes down the bank's answer, while it is still awaited. */
    void answered(Leaving leaving, BankClient.Answer answer) {
        Payment payment = leaving.payment();
        Payee payee = leaving.to();
        claims.hold(payment.claim());
        Payment.State state = !answer.booked()
                ? Payment.State.RETURNED
                : answer.cents() == payment.placed().cents() ? Payment.State.BOOKED : Payment.State.QUESTIONED;
        if (!store.answered(payment, state, answer.cents(), clock.instant())) {
            return;
        }
        claims.note(
                payment.claim(),
                Actor.part(payee.isByPost() ? "following.post" : "following.bank"),
                "payment-" + state.name().toLowerCase(Locale.ROOT),
                Phrase.of(
                        (payee.isByPost() ? "history.postal-order." : "history.payment.") + state,
                        payment.placed(),
                        payment.time()));
        if (state == Payment.State.RETURNED) {
            overpayments.keepNothingBack(payment);
            replanning.cameBack(payment.claim());
            payments.cameBack(payment);
        } else {
            overpayments.keptBack(payment);
        }
        claims.touch(payment.claim());
    }
}
