package org.civitane.server.asks;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.UUID;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.RetryWithPauses;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;

/** What the calendar does with asks. An ask whose day was moved has other jobs; the old ones then find nothing to do. */
@Component
class AskJobs {
    private static final TaskDescriptor<Void> LAPSE = TaskDescriptor.of("lapse-ask");
    private static final TaskDescriptor<Void> REMIND = TaskDescriptor.of("remind-of-ask");
    private static final Duration FIRST_PAUSE = Duration.ofMinutes(1);
    private static final String APART = "@";

    private final SchedulerClient jobs;
    private final AgencyClock clock;

    AskJobs(SchedulerClient jobs, AgencyClock clock) {
        this.jobs = jobs;
        this.clock = clock;
    }

    /** On the day after it is due. */
    void lapse(Ask ask) {
        schedule(LAPSE, name(ask), ask.dueOn().plusDays(1).atStartOfDay());
    }

    void remind(Ask ask, LocalDateTime at) {
        schedule(REMIND, name(ask) + APART + at.toLocalDate(), at);
    }

    private static String name(Ask ask) {
        return ask.id() + APART + ask.dueOn();
    }

    private void schedule(TaskDescriptor<Void> task, String name, LocalDateTime at) {
        jobs.scheduleIfNotExists(
                task.instance(name).scheduledTo(at.atZone(clock.getZone()).toInstant()));
    }

    @Configuration(proxyBeanMethods = false)
    static class AskTasks {
        @Bean
        OneTimeTask<Void> lapseAsk(ObjectProvider<Asks> asks) {
            return task(LAPSE, (ask, day) -> asks.getObject().lapse(ask, day));
        }

        @Bean
        OneTimeTask<Void> remindOfAsk(ObjectProvider<Asks> asks) {
            return task(REMIND, (ask, day) -> asks.getObject().remind(ask, day));
        }

        private static OneTimeTask<Void> task(TaskDescriptor<Void> descriptor, Deed deed) {
            return Tasks.oneTime(descriptor)
                    .onFailure(new RetryWithPauses<>(FIRST_PAUSE))
                    .execute((instance, context) -> {
                        String[] parts = instance.getId().split(APART);
                        deed.on(UUID.fromString(parts[0]), LocalDate.parse(parts[1]));
                    });
        }
    }

    private interface Deed {
        void on(UUID ask, LocalDate dueOn);
    }
}
