package org.civitane.server.following;

import java.util.UUID;
import java.util.function.Supplier;
import org.civitane.core.claim.Act;
import org.civitane.core.person.Address;
import org.civitane.core.person.Iban;
import org.civitane.core.programme.PostCodes;
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

/** Where money for the household goes, which nobody but the applicant says. */
@Service
@Transactional
public class Payees {
    private static final String HOUSEHOLD = "";
    private static final int LONGEST_NAME = 120;
    private static final int FIRST_POST_CODE = 1000;
    private static final int LAST_POST_CODE = 4999;

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

    /** The applicant says to which account the money goes; what came back goes out again. @throws Problem at no account */
    public void give(SignedIn applicant, UUID claimId, String iban, String holder) {
        give(applicant, claimId, () -> {
            String account = Iban.typed(iban).orElseThrow(() -> Problem.invalid("iban", Phrase.of("problem.iban")));
            return Payee.account(account, named(holder));
        });
    }

    /** They want it as a postal order instead. @throws Problem at no address within Halvern */
    public void byPost(SignedIn applicant, UUID claimId, String holder, Address to) {
        give(applicant, claimId, () -> Payee.postalOrder(named(holder), line(to)));
    }

    private static String line(Address to) {
        if (to.street().isBlank()) {
            throw Problem.invalid("street", Phrase.of("problem.street"));
        }
        if (!PostCodes.isWithin(to.postCode(), FIRST_POST_CODE, LAST_POST_CODE)) {
            throw Problem.invalid("postCode", Phrase.of("problem.post-code"));
        }
        String street = (to.street().strip() + " " + to.houseNumber().strip()).strip();
        return street + ", " + to.postCode();
    }

    private static String named(String holder) {
        String name = holder.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw Problem.invalid("holder", Phrase.of("problem.holder"));
        }
        return name;
    }

    private void give(SignedIn applicant, UUID claimId, Supplier<Payee> said) {
        acts.byApplicant(claimId, applicant, Act.CORRESPOND, claim -> {
            if (store.whom(claimId).isPresent()) {
                throw Problem.conflict("not-yours", Phrase.of("problem.account-of-other"));
            }
            Payee payee = said.get();
            if (store.payee(claimId, HOUSEHOLD).filter(payee::equals).isEmpty()) {
                store.keep(claimId, payee, HOUSEHOLD, Actor.of(applicant).name(), clock.instant());
                String what = payee.isByPost() ? "history.postal-order-wanted" : "history.account-given";
                history.add(claimId, Actor.of(applicant), "account-given", Phrase.of(what));
            }
            store.planAgain(claimId, clock.instant());
            asks.open(claimId, Ask.Kind.ACCOUNT).ifPresent(asks::answered);
            payments.goOn(claimId);
            return claim;
        });
    }
}
