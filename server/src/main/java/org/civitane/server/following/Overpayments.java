package org.civitane.server.following;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.amount.Rounding;
import org.civitane.core.claim.Act;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.programme.PaidFor;
import org.civitane.core.reasoning.Wording;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.ledger.Ledger;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.policies.PolicyStore;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What was paid too much: it is owed only once a caseworker decides so, and then later weeks of the same person settle
 * it, each at most in the part that the policy table allows, unless they agree to more.
 */
@Service
@Transactional
class Overpayments {
    private static final String TABLE = "overpayment";
    private static final int ALL = 100;

    private final OverpaymentStore store;
    private final OverpaymentLetters letters;
    private final PolicyStore policies;
    private final Ledger ledger;
    private final Claims claims;
    private final ClaimActs acts;
    private final AgencyClock clock;

    Overpayments(
            OverpaymentStore store,
            OverpaymentLetters letters,
            PolicyStore policies,
            Ledger ledger,
            Claims claims,
            ClaimActs acts,
            AgencyClock clock) {
        this.store = store;
        this.letters = letters;
        this.policies = policies;
        this.ledger = ledger;
        this.claims = claims;
        this.acts = acts;
        this.clock = clock;
    }

    /** What was decided on one time of a claim, in all. */
    record Settled(Money claimedBack, Money letGo) {}

    @Transactional(readOnly = true)
    List<Overpayment> of(UUID claim) {
        return store.of(claim);
    }

    Settled settled(UUID claim, PaidFor time) {
        List<Overpayment> ofTime = store.of(claim).stream()
                .filter(each -> each.time().equals(time))
                .toList();
        return new Settled(sum(ofTime, Overpayment.State.CLAIMED_BACK), sum(ofTime, Overpayment.State.LET_GO));
    }

    private static Money sum(List<Overpayment> all, Overpayment.State state) {
        return all.stream()
                .filter(each -> each.state() == state)
                .map(Overpayment::amount)
                .reduce(Money.ZERO, Money::plus);
    }

    /** For a time so much was paid too much that nobody has decided on; nothing, if it is not above zero. */
    void found(UUID claim, PaidFor time, Money over) {
        store.found(claim, time, over, clock.instant());
    }

    /** The most that is kept back of a week without asking, in percent. */
    @Transactional(readOnly = true)
    int usualPercent() {
        return (int) (usual().hundredths() / ALL);
    }

    private Percent usual() {
        return policies.book().inForce(TABLE, clock.today()).percent("mostOfNextPercent");
    }

    /**
     * A caseworker decides on what was found. Claimed back, the person has a letter, and it is a debt from now on.
     *
     * @throws Problem without a reason, or when it was decided before
     */
    void decide(ClaimView claim, UUID id, boolean claimBack, String reason, SignedIn caseworker) {
        Overpayment found = ofClaim(claim, id);
        if (reason.isBlank()) {
            throw Problem.invalid("reason", Phrase.of("problem.reason"));
        }
        if (found.state() != Overpayment.State.FOUND) {
            throw Problem.conflict("decided-already", Phrase.of("problem.overpayment-decided"));
        }
        Optional<String> letter =
                claimBack ? Optional.of(letters.post(claim, found, reason.strip(), usualPercent())) : Optional.empty();
        Overpayment.State state = claimBack ? Overpayment.State.CLAIMED_BACK : Overpayment.State.LET_GO;
        store.decide(id, state, reason.strip(), letter, caseworker.displayName(), clock.instant());
        if (claimBack) {
            ledger.book(
                    "overpaid/" + id, claim.id(), Ledger.Account.OVERPAYMENT, Ledger.Account.BENEFITS, found.amount());
        }
        Wording wording = Claims.programmeOf(claim).wording(Locale.ENGLISH);
        claims.note(
                claim.id(),
                Actor.of(caseworker),
                "overpayment-decided",
                Phrase.of(
                        "history.overpayment." + state,
                        wording.shown(found.amount()),
                        Phrase.full(found.time().firstDay()),
                        reason.strip()));
    }

    /**
     * The person says how much of each later week may be kept back.
     *
     * @param percent from what the policy table allows to all of it
     */
    void agree(SignedIn applicant, UUID claimId, UUID id, int percent) {
        claims.hold(claimId);
        ClaimView claim = claims.claimOf(applicant, claimId);
        if (claim.state() != ClaimState.FULFILLED) {
            acts.check(claim, Act.CORRESPOND);
        }
        Overpayment debt = ofClaim(claim, id);
        if (debt.state() != Overpayment.State.CLAIMED_BACK) {
            throw Problem.conflict("no-debt", Phrase.of("problem.no-debt"));
        }
        if (percent < usualPercent() || percent > ALL) {
            throw Problem.invalid("percent", Phrase.of("problem.percent", usualPercent()));
        }
        store.agree(id, percent);
        claims.note(
                claimId,
                Actor.of(applicant),
                "overpayment-agreed",
                Phrase.of(
                        "history.overpayment-agreed",
                        percent,
                        Phrase.full(debt.time().firstDay())));
    }

    /** A payment leaves: what of it goes to what is owed. */
    void keepBack(Payment payment) {
        if (!payment.whom().isEmpty() || !(payment.time() instanceof PaidFor.Week)) {
            return;
        }
        Money kept = Money.ZERO;
        for (Overpayment debt : store.holdOwedByApplicantOf(payment.claim())) {
            Percent most = debt.agreedPercent()
                    .map(percent -> new Percent((long) percent * ALL))
                    .orElseGet(this::usual);
            Money share = payment.amount()
                    .percent(most, Money.CENT, Rounding.DOWN)
                    .minus(kept)
                    .limitedTo(debt.rest());
            if (share.isPositive()) {
                store.keepBack(payment.id(), debt.id(), share);
                kept = kept.plus(share);
            }
        }
    }

    /** The bank booked it: what was kept back of it is settled. */
    void keptBack(Payment payment) {
        store.keptOf(payment.id())
                .forEach(kept -> ledger.book(
                        "kept-back/" + payment.reference() + "/" + kept.overpayment(),
                        new Ledger.Place(Ledger.Account.BENEFITS, payment.claim()),
                        new Ledger.Place(Ledger.Account.OVERPAYMENT, kept.claim()),
                        kept.amount()));
    }

    /** It came back: nothing of it has settled anything. */
    void keepNothingBack(Payment payment) {
        store.keepNothingBack(payment.id());
    }

    /** The letter that claimed it back, as PDF. */
    @Transactional(readOnly = true)
    byte[] letter(ClaimView claim, UUID id) {
        return ofClaim(claim, id)
                .letter()
                .map(letters::open)
                .orElseThrow(() -> Problem.notFound(Phrase.of("problem.no-letter")));
    }

    private Overpayment ofClaim(ClaimView claim, UUID id) {
        return store.find(id)
                .filter(each -> each.claim().equals(claim.id()))
                .orElseThrow(() -> Problem.notFound(Phrase.of("problem.no-overpayment")));
    }
}
