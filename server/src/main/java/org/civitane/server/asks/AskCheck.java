package org.civitane.server.asks;

import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.time.LocalTime;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;

/** Each night: nothing that is owed is forgotten. What hangs goes on, and is told to whoever reads the log. */
@Component
class AskCheck {
    private static final Logger LOG = LoggerFactory.getLogger(AskCheck.class);
    private static final LocalTime AT_NIGHT = LocalTime.of(3, 30);

    private final Asks asks;

    AskCheck(Asks asks) {
        this.asks = asks;
    }

    /** @return what hung, and goes on */
    List<Ask> lookThrough() {
        List<Ask> astray = asks.astray();
        astray.forEach(ask -> {
            LOG.warn("Nothing would have ended the ask {} ({}) of the claim {}", ask.id(), ask.kind(), ask.claim());
            asks.mend(ask);
        });
        return astray;
    }

    @Configuration(proxyBeanMethods = false)
    static class AskCheckTask {
        @Bean
        RecurringTask<Void> checkAsksTask(ObjectProvider<AskCheck> check) {
            return Tasks.recurring("check-asks", Schedules.daily(AT_NIGHT))
                    .execute((instance, context) -> check.getObject().lookThrough());
        }
    }
}
