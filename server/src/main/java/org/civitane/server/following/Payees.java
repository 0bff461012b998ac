package org.civitane.server.following;

import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.core.person.Iban;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.History;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where money goes, which nobody but the applicant says. */
@Service
@Transactional
public class Payees {
    private static final int LONGEST_NAME = 120;

    private final PaymentStore store;
    private final Payments payments;
    private final ClaimActs acts;
    private final Asks asks;
    private final History history;
    private final AgencyClock clock;

    Payees(PaymentStore store, Payments payments, ClaimActs acts, Asks asks, History history, AgencyClock clock) {
        this.store = store;
        this.payments = payments;
        this.acts = acts;
        this.asks = asks;
        this.history = history;
        this.clock = clock;
    }

    /** The applicant says where the money goes; what came back goes out again. @throws Problem at no account */
    public void give(SignedIn applicant, UUID claimId, String iban, String holder) {
        acts.byApplicant(claimId, applicant, Act.CORRESPOND, claim -> {
            if (store.whom(claimId).isPresent()) {
                throw Problem.conflict("not-yours", Phrase.of("problem.account-of-other"));
            }
            String account = Iban.typed(iban).orElseThrow(() -> Problem.invalid("iban", Phrase.of("problem.iban")));
            Payee payee = new Payee(account, holder.strip());
            if (payee.holder().isEmpty() || payee.holder().length() > LONGEST_NAME) {
                throw Problem.invalid("holder", Phrase.of("problem.holder"));
            }
            if (store.payee(claimId).filter(payee::equals).isEmpty()) {
                store.keep(claimId, payee, "", clock.instant());
                history.add(claimId, Actor.of(applicant), "account-given", Phrase.of("history.account-given"));
            }
            store.planAgain(claimId, clock.instant());
            asks.open(claimId, Ask.Kind.ACCOUNT).ifPresent(asks::answered);
            payments.goOn(claimId);
            return claim;
        });
    }
}
