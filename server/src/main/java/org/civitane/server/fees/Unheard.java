package org.civitane.server.fees;

import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Duration;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.AskLapsed;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Asks the payment service about checkouts of which nothing was heard: a notice can be lost, and then nobody else knows
 * what was paid. A silent service is asked again.
 */
@Component
class Unheard {
    private static final Duration EVERY = Duration.ofMinutes(20);
    private static final Duration LONG_AGO = Duration.ofHours(1);
    /** What nobody paid by then is not paid any more. */
    private static final Duration FORGOTTEN = Duration.ofDays(90);

    private static final int AT_ONCE = 200;

    private final ChargeStore store;
    private final Paying paying;

    Unheard(ChargeStore store, Paying paying) {
        this.store = store;
        this.paying = paying;
    }

    /** Before a fee is dropped whose last day passed: it may have been paid. */
    @EventListener
    @Order(Ordered.HIGHEST_PRECEDENCE)
    void lapses(AskLapsed event) {
        if (event.ask().kind() == Ask.Kind.FEE) {
            paying.ask(event.ask().claim());
        }
    }

    /** Asks about everything that was begun longer than an hour ago. */
    void ask() {
        store.unheard(LONG_AGO, FORGOTTEN, AT_ONCE).forEach(paying::ask);
    }

    /** When it asks. */
    @Configuration(proxyBeanMethods = false)
    static class Job {
        @Bean
        RecurringTask<Void> askUnheard(ObjectProvider<Unheard> unheard) {
            return Tasks.recurring("ask-unheard", FixedDelay.of(EVERY))
                    .execute((instance, context) -> unheard.getObject().ask());
        }
    }
}
