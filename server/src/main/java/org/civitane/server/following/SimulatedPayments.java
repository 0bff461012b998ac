package org.civitane.server.following;

import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What the bank of the demo has booked, and what was decided on what it was too much. */
@Component
@Profile(Simulated.PROFILE)
@Transactional
public class SimulatedPayments {
    private final PaymentStore store;
    private final Payees payees;
    private final Departure departure;
    private final Overpayments overpayments;
    private final Claims claims;
    private final AgencyClock clock;

    SimulatedPayments(
            PaymentStore store,
            Payees payees,
            Departure departure,
            Overpayments overpayments,
            Claims claims,
            AgencyClock clock) {
        this.store = store;
        this.payees = payees;
        this.departure = departure;
        this.overpayments = overpayments;
        this.claims = claims;
        this.clock = clock;
    }

    public void give(SignedIn applicant, UUID claim, String iban) {
        payees.give(applicant, claim, iban, applicant.displayName());
    }

    /** Everything that is due by now is booked. */
    public void book(UUID claim) {
        store.of(claim).stream()
                .filter(payment -> payment.state() == Payment.State.PLANNED)
                .filter(payment -> !payment.due().isAfter(clock.today()))
                .flatMap(payment -> departure.settled(payment).stream())
                .forEach(leaving -> departure.answered(
                        leaving,
                        new BankClient.Answer(true, leaving.payment().placed().cents())));
    }

    /** What was found to be too much is claimed back. */
    public void claimBack(UUID claim, String reason, SignedIn caseworker) {
        overpayments.of(claim).stream()
                .filter(each -> each.state() == Overpayment.State.FOUND)
                .forEach(found -> overpayments.decide(claims.claim(claim), found.id(), true, reason, caseworker));
        claims.touch(claim);
    }
}
