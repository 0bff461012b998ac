package org.civitane.server.desk;

import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.civitane.server.claims.ClaimTouched;
import org.civitane.server.claims.Claims;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Works out every open claim anew each night, since a day that passes can change where one stands by itself: an
 * identity document expires, a paper grows too old to count. One transaction a claim; a night that is cut short is
 * begun again.
 */
@Configuration(proxyBeanMethods = false)
class DailyStanding {
    private static final Logger LOG = LoggerFactory.getLogger(DailyStanding.class);
    private static final LocalTime BEFORE_WORK = LocalTime.of(3, 30);
    private static final int AT_ONCE = 200;

    @Bean
    RecurringTask<Void> standAgain(
            ObjectProvider<Claims> claims, ApplicationEventPublisher events, PlatformTransactionManager transactions) {
        TransactionTemplate each = new TransactionTemplate(transactions);
        return Tasks.recurring("stand-again", Schedules.daily(BEFORE_WORK)).execute((instance, context) -> {
            List<UUID> page = claims.getObject().openAfter(new UUID(0, 0), AT_ONCE);
            while (!page.isEmpty()) {
                page.forEach(claim -> stand(claim, each, events));
                page = claims.getObject().openAfter(page.getLast(), AT_ONCE);
            }
        });
    }

    /** One claim that cannot be worked out keeps none of the others from it. */
    private static void stand(UUID claim, TransactionTemplate each, ApplicationEventPublisher events) {
        try {
            each.executeWithoutResult(status -> events.publishEvent(new ClaimTouched(claim)));
        } catch (RuntimeException e) {
            LOG.warn(
                    "Claim {} could not be worked out anew: {}",
                    claim,
                    e.getClass().getSimpleName());
        }
    }
}
