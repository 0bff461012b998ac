package org.civitane.server.fees;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import org.civitane.core.amount.Money;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Notices;
import org.civitane.server.ledger.Ledger;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.RetryWithPauses;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Money that came and is not the fee that is owed, or not any more, goes back by itself: the service is told until it has answered, under
 * the name of the checkout, so that it gives back once however often it is told.
 */
@Component
class GivingBack {
    private static final TaskDescriptor<Void> GIVE_BACK = TaskDescriptor.of("give-back");

    private final ChargeStore store;
    private final PayClient service;
    private final Ledger ledger;
    private final Claims claims;
    private final Notices notices;
    private final SchedulerClient jobs;
    private final TransactionTemplate transaction;

    GivingBack(
            ChargeStore store,
            PayClient service,
            Ledger ledger,
            Claims claims,
            Notices notices,
            SchedulerClient jobs,
            TransactionTemplate transaction) {
        this.store = store;
        this.service = service;
        this.ledger = ledger;
        this.claims = claims;
        this.notices = notices;
        this.jobs = jobs;
        this.transaction = transaction;
    }

    /** Books what came where it belongs to nobody yet, and sees to it that it goes back; in the transaction that heard of it. */
    @EventListener
    void came(NotOwedCame event) {
        ChargeStore.Checkout checkout = event.checkout();
        Money came = event.came();
        ledger.book("came/" + checkout.id(), checkout.claim(), Ledger.Account.BANK, Ledger.Account.UNMATCHED, came);
        claims.note(
                checkout.claim(),
                Actor.part("fees.actor"),
                "fee-questioned",
                Phrase.of("history.fee-questioned", came));
        plan(checkout);
    }

    /** Books that a fee is not earned any more, and sees to it that it goes back; in the transaction that gave it up. */
    @EventListener
    void givenUp(FeeGivenUp event) {
        ChargeStore.Checkout checkout = event.checkout();
        ledger.book(
                "given-up/" + checkout.id(),
                checkout.claim(),
                Ledger.Account.FEES,
                Ledger.Account.UNMATCHED,
                event.amount());
        plan(checkout);
    }

    private void plan(ChargeStore.Checkout checkout) {
        jobs.scheduleIfNotExists(
                GIVE_BACK.instance(checkout.id()).scheduledTo(store.clock().instant()));
    }

    /** @throws RuntimeException when the service did not answer; then it is told again later */
    void giveBack(String id) {
        service.giveBack(id);
        transaction.executeWithoutResult(status -> {
            ChargeStore.Checkout checkout = store.checkout(id).orElseThrow();
            claims.hold(checkout.claim());
            if (store.wentBack(id)) {
                Money came = store.came(id);
                ledger.book("back/" + id, checkout.claim(), Ledger.Account.UNMATCHED, Ledger.Account.BANK, came);
                claims.note(
                        checkout.claim(), Actor.part("fees.actor"), "fee-back", Phrase.of("history.fee-back", came));
                notices.tell(checkout.claim());
            }
        });
    }

    @Configuration(proxyBeanMethods = false)
    static class GivingBackTasks {
        @Bean
        OneTimeTask<Void> giveBackTask(
                ObjectProvider<GivingBack> givingBack, @Value("${civitane.register-pause:5s}") Duration firstPause) {
            return Tasks.oneTime(GIVE_BACK)
                    .onFailure(new RetryWithPauses<>(firstPause))
                    .execute((instance, context) -> givingBack.getObject().giveBack(instance.getId()));
        }
    }
}
