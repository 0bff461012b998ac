package org.civitane.server.following;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.PaidFor;
import org.civitane.server.claims.Claims;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.platform.AgencyClock;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * What is paid on a claim whose determination is another than before, under the same decision: what has not left becomes
 * what it has to be, what has left is paid up to it, and what is more than it was paid too much.
 */
@Service
public class Replanning {
    private final PaymentStore store;
    private final Payments payments;
    private final Overpayments overpayments;
    private final Determinations determinations;
    private final Claims claims;
    private final AgencyClock clock;

    Replanning(
            PaymentStore store,
            Payments payments,
            Overpayments overpayments,
            Determinations determinations,
            Claims claims,
            AgencyClock clock) {
        this.store = store;
        this.payments = payments;
        this.overpayments = overpayments;
        this.determinations = determinations;
        this.claims = claims;
        this.clock = clock;
    }

    /**
     * A decided claim, held by the caller, was determined anew; part of that transaction.
     *
     * @param run under which the determination is kept
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void again(UUID claim, UUID run, Determination determination) {
        replan(claim, run, payments.pays(determination));
        payments.goOn(claim);
        claims.touch(claim);
    }

    /** Money of a held claim came back, so that it has not left: what was told while it was away counts now. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void cameBack(UUID claim) {
        Determinations.Newest newest = determinations.newest(claim);
        if (newest.run().programme().isAboutDays()) {
            replan(claim, newest.id(), payments.pays(newest.run().determination()));
        }
    }

    private void replan(UUID claim, UUID run, List<Consequence.Pay> pays) {
        Map<PaidFor, List<Payment>> before = new TreeMap<>();
        store.of(claim)
                .forEach(payment -> before.computeIfAbsent(payment.time(), unseen -> new ArrayList<>())
                        .add(payment));
        for (Consequence.Pay pay : pays) {
            List<Payment> there = before.getOrDefault(pay.time(), List.of());
            before.remove(pay.time());
            payUp(claim, run, pay, there);
        }
        before.forEach((time, there) -> takeBack(claim, run, time, there, Money.ZERO));
    }

    private void payUp(UUID claim, UUID run, Consequence.Pay pay, List<Payment> there) {
        Money rest = takeBack(claim, run, pay.time(), there, pay.amount());
        if (rest.isPositive()) {
            store.add(claim, run, pay, there.size() + 1, rest, clock.instant());
        }
    }

    /** Settles one time with what is there already. @return what is owed beyond that */
    private Money takeBack(UUID claim, UUID run, PaidFor time, List<Payment> there, Money owed) {
        Instant now = clock.instant();
        Overpayments.Settled settled = overpayments.settled(claim, time);
        Money held = there.stream()
                .map(Payment::left)
                .reduce(Money.ZERO, Money::plus)
                .minus(settled.claimedBack());
        Money rest = owed.minus(held);
        for (Payment payment : there) {
            if (payment.canChange()) {
                if (!rest.isPositive()) {
                    store.stop(payment, now);
                } else {
                    if (!rest.equals(payment.amount())) {
                        store.change(payment, rest, run, now);
                    }
                    rest = Money.ZERO;
                }
            }
        }
        overpayments.found(claim, time, held.minus(settled.letGo()).minus(owed));
        return rest;
    }
}
