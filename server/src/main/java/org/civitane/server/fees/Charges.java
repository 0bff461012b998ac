package org.civitane.server.fees;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Consequence;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.AskLapsed;
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Notices;
import org.civitane.server.decisions.Decided;
import org.civitane.server.decisions.Decision;
import org.civitane.server.ledger.Ledger;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The fee of a claim: asked for in the transaction that decides it, booked when the payment service says so, and no more
 * than once, whoever says it how often. Where its last day passes it is not owed any more, and nothing is made out.
 */
@Service
@Transactional
public class Charges {
    private final ChargeStore store;
    private final Ledger ledger;
    private final Receipts receipts;
    private final Claims claims;
    private final Asks asks;
    private final Notices notices;
    private final ApplicationEventPublisher events;
    private final AgencyClock clock;

    Charges(
            ChargeStore store,
            Ledger ledger,
            Receipts receipts,
            Claims claims,
            Asks asks,
            Notices notices,
            ApplicationEventPublisher events) {
        this.store = store;
        this.ledger = ledger;
        this.receipts = receipts;
        this.claims = claims;
        this.asks = asks;
        this.notices = notices;
        this.events = events;
        this.clock = store.clock();
    }

    @Transactional(readOnly = true)
    Optional<Charge> of(UUID claim) {
        return store.of(claim);
    }

    @Transactional(readOnly = true)
    List<ChargeStore.NotOwed> notOwed(UUID claim) {
        return store.notOwed(claim);
    }

    /** Whether it is still to be paid, and the last try to was refused. */
    @Transactional(readOnly = true)
    boolean wasRefused(Charge charge) {
        return charge.state() == Charge.State.OPEN && store.wasRefused(charge.claim());
    }

    /** Whether a fee was asked for, whatever became of it. */
    @Transactional(readOnly = true)
    public boolean isAsked(UUID claim) {
        return of(claim).isPresent();
    }

    @EventListener
    void decided(Decided event) {
        if (event.kind() == Decision.Kind.DETERMINED) {
            Catalogue.named(event.determination().programme())
                    .consequences(event.determination(), clock.today())
                    .forEach(each -> {
                        if (each instanceof Consequence.Charge charge) {
                            open(claims.claim(event.claim()), charge);
                        }
                    });
        }
    }

    private void open(ClaimView claim, Consequence.Charge asked) {
        Ask ask = asks.ask(
                claim,
                Ask.Kind.FEE,
                claim.id(),
                Phrase.of("wait.fee", asked.amount()),
                asked.payBy(),
                Ask.Then.DROP,
                "");
        Charge charge =
                new Charge(claim.id(), claim.number(), asked.amount(), Charge.State.OPEN, asked.payBy(), ask.id(), "");
        if (store.open(charge)) {
            ledger.book(
                    "asked/" + charge.reference(),
                    claim.id(),
                    Ledger.Account.FEES_OWED,
                    Ledger.Account.FEES,
                    charge.amount());
        }
    }

    /**
     * The checkout by which a fee is paid: the one that was begun before, as long as nothing was heard of it, so that
     * nobody pays twice from two pages.
     *
     * @throws Problem when there is none to pay, or the claim is held
     */
    String checkout(UUID claim) {
        claims.hold(claim);
        if (claims.claim(claim).held()) {
            throw Problem.conflict("frozen", Phrase.of("my.held"));
        }
        Charge charge = of(claim)
                .filter(each -> each.state() == Charge.State.OPEN)
                .orElseThrow(() -> Problem.conflict("no-fee", Phrase.of("fee.not-owed")));
        return store.begun(claim).stream()
                .findFirst()
                .map(ChargeStore.Checkout::id)
                .orElseGet(() -> store.begin(charge));
    }

    /**
     * The payment service says what became of a checkout; said again, nothing changes.
     *
     * @param cents what it took, where it took anything
     */
    void heard(String checkout, boolean paid, long cents) {
        ChargeStore.Checkout begun = store.checkout(checkout).orElse(null);
        if (begun == null) {
            return;
        }
        claims.hold(begun.claim());
        Charge charge = store.of(begun.claim()).orElseThrow();
        if (!paid) {
            store.heard(checkout, ChargeStore.Checkout.State.REFUSED);
            return;
        }
        boolean right =
                charge.state() == Charge.State.OPEN && cents == charge.amount().cents();
        if (!store.heard(checkout, right ? ChargeStore.Checkout.State.PAID : ChargeStore.Checkout.State.QUESTIONED)) {
            return;
        }
        if (right) {
            paid(charge);
        } else if (cents > 0) {
            store.came(checkout, cents);
            events.publishEvent(new NotOwedCame(begun, Money.ofCents(cents)));
        }
    }

    private void paid(Charge charge) {
        store.move(charge.claim(), Charge.State.OPEN, Charge.State.PAID);
        ledger.book(
                "fee/" + charge.reference(),
                charge.claim(),
                Ledger.Account.BANK,
                Ledger.Account.FEES_OWED,
                charge.amount());
        store.receipt(charge.claim(), receipts.write(claims.claim(charge.claim()), charge));
        asks.find(charge.ask()).filter(ask -> ask.state().isOpen()).ifPresent(asks::answered);
        claims.note(
                charge.claim(), Actor.part("fees.actor"), "fee-paid", Phrase.of("history.fee-paid", charge.amount()));
        events.publishEvent(new FeePaid(charge.claim(), clock.today(), clock.instant()));
        notices.tell(charge.claim());
    }

    /** What it was paid for is not wanted any more: it is not owed, and what was paid goes back by itself. */
    public void giveBack(UUID claim) {
        Charge charge = store.of(claim).orElseThrow();
        if (store.move(claim, Charge.State.PAID, Charge.State.GIVEN_BACK)) {
            store.toGiveBack(claim)
                    .ifPresent(checkout -> events.publishEvent(new FeeGivenUp(checkout, charge.amount())));
            notices.tell(claim);
        }
    }

    /** Its last day passed: it is not owed any more, and nothing is made out. */
    @EventListener
    void lapsed(AskLapsed event) {
        UUID claim = event.ask().claim();
        if (event.ask().kind() == Ask.Kind.FEE && store.move(claim, Charge.State.OPEN, Charge.State.LAPSED)) {
            Charge charge = store.of(claim).orElseThrow();
            ledger.book(
                    "dropped/" + charge.reference(),
                    claim,
                    Ledger.Account.FEES,
                    Ledger.Account.FEES_OWED,
                    charge.amount());
            notices.tell(claim);
        }
    }
}
