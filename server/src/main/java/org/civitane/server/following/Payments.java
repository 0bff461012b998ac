package org.civitane.server.following;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.Determination;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimReleased;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Notices;
import org.civitane.server.decisions.Decided;
import org.civitane.server.decisions.Decision;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What a decision says is paid is planned in its transaction, each month or week of a claim once, and leaves by the
 * {@link Outbox} when its day has come and there is an account.
 */
@Service
@Transactional
public class Payments {
    private static final int ACCOUNT_DAYS = 14;

    private final PaymentStore store;
    private final PaidOutsiders outsiders;
    private final PaymentJobs jobs;
    private final Claims claims;
    private final Asks asks;
    private final Notices notices;
    private final AgencyClock clock;

    Payments(
            PaymentStore store,
            PaidOutsiders outsiders,
            PaymentJobs jobs,
            Claims claims,
            Asks asks,
            Notices notices,
            AgencyClock clock) {
        this.store = store;
        this.outsiders = outsiders;
        this.jobs = jobs;
        this.claims = claims;
        this.asks = asks;
        this.notices = notices;
        this.clock = clock;
    }

    /** What is paid on a claim, by month or week. */
    @Transactional(readOnly = true)
    public List<Payment> of(UUID claim) {
        return store.of(claim);
    }

    /** Whether money of the household's stays here only since nobody knows where to. */
    @Transactional(readOnly = true)
    public boolean waitForAnAccount(UUID claim) {
        List<Payment> own = store.of(claim).stream()
                .filter(payment -> payment.whom().isEmpty())
                .toList();
        return own.stream().anyMatch(payment -> payment.state() == Payment.State.RETURNED)
                || own.stream().anyMatch(payment -> payment.state() == Payment.State.PLANNED)
                        && !store.whoseAccountsAreKnown(claim).contains("");
    }

    /** Where its money goes and how that is known, once it is; given by, or taken down for, whoever the money is for. */
    @Transactional(readOnly = true)
    public Optional<GoesTo> goesTo(UUID claim) {
        return store.given(claim, store.whom(claim).orElse(""))
                .map(given -> new GoesTo(
                        given.payee(),
                        given.by()
                                .map(by -> Phrase.of(
                                        given.changed() ? "following.given-anew" : "following.given",
                                        by,
                                        Phrase.full(LocalDate.ofInstant(given.at(), clock.getZone()))))));
    }

    /** @param given who gave it, when, and whether another was given before; nothing where that was not written down */
    public record GoesTo(Payee payee, Optional<Phrase> given) {}

    /** Plans what follows; of what was paid at once only the first, and of what is closed nothing more. */
    @EventListener
    void decided(Decided event) {
        if (event.kind() == Decision.Kind.CLOSED) {
            stop(event.claim());
            return;
        }
        List<Consequence.Pay> pays = pays(event.determination()).stream()
                .limit(event.kind() == Decision.Kind.URGENT ? 1 : Long.MAX_VALUE)
                .toList();
        if (!pays.isEmpty()) {
            store.plan(event.claim(), event.run(), pays, clock.instant());
            pays.getFirst().to().ifPresent(code -> outsiders.paid(event.claim(), code));
            goOn(event.claim());
        }
    }

    /** What a determination says is paid, were it decided today. */
    List<Consequence.Pay> pays(Determination determination) {
        return Catalogue.named(determination.programme()).consequences(determination, clock.today()).stream()
                .filter(Consequence.Pay.class::isInstance)
                .map(Consequence.Pay.class::cast)
                .toList();
    }

    private void stop(UUID claim) {
        if (store.stop(claim, clock.instant()) > 0) {
            claims.note(claim, Actor.CALENDAR, "payments-stopped", Phrase.of("history.payments-stopped"));
        }
    }

    /** The claim was held, and so was its money. */
    @EventListener
    void released(ClaimReleased event) {
        goOn(event.claim());
    }

    /** With an account what is planned is scheduled; without one it is asked for. */
    void goOn(UUID claim) {
        List<Payment> planned = store.of(claim).stream()
                .filter(payment -> payment.state() == Payment.State.PLANNED)
                .toList();
        if (planned.isEmpty()) {
            return;
        }
        List<String> known = store.whoseAccountsAreKnown(claim);
        Map<Boolean, List<Payment>> byKnown =
                planned.stream().collect(Collectors.partitioningBy(payment -> known.contains(payment.whom())));
        byKnown.get(true).forEach(jobs::pay);
        byKnown.get(false).stream().findFirst().ifPresent(this::askForAccount);
    }

    /** Money came back: whoever it is for is asked for another account; the applicant is told of theirs at once. */
    void cameBack(Payment payment) {
        askForAccount(payment);
        if (payment.whom().isEmpty()) {
            notices.tell(payment.claim());
        }
    }

    private void askForAccount(Payment payment) {
        UUID claim = payment.claim();
        if (!payment.whom().isEmpty()) {
            outsiders.accountIsWanted(claim);
        } else if (asks.open(claim, Ask.Kind.ACCOUNT).isEmpty()) {
            LocalDate due = asks.inDays(ACCOUNT_DAYS);
            asks.ask(claims.claim(claim), Ask.Kind.ACCOUNT, claim, Phrase.of("wait.account"), due, Ask.Then.KEEP, "");
        }
    }
}
