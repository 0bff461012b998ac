package org.civitane.server.following;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.RetryWithPauses;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;

/** When the day of a follow-up comes. */
@Component
class FollowUpJobs {
    private static final TaskDescriptor<Void> DUE = TaskDescriptor.of("follow-up");
    private static final LocalTime MORNING = LocalTime.of(6, 0);
    private static final Duration FIRST_PAUSE = Duration.ofMinutes(1);

    private final SchedulerClient jobs;
    private final AgencyClock clock;

    FollowUpJobs(SchedulerClient jobs, AgencyClock clock) {
        this.jobs = jobs;
        this.clock = clock;
    }

    void comeDue(UUID followUp, LocalDate on) {
        jobs.scheduleIfNotExists(DUE.instance(followUp.toString())
                .scheduledTo(on.atTime(MORNING).atZone(clock.getZone()).toInstant()));
    }

    @Configuration(proxyBeanMethods = false)
    static class FollowUpTasks {
        @Bean
        OneTimeTask<Void> followUpTask(ObjectProvider<FollowUps> followUps) {
            return Tasks.oneTime(DUE)
                    .onFailure(new RetryWithPauses<>(FIRST_PAUSE))
                    .execute((instance, context) -> followUps.getObject().due(UUID.fromString(instance.getId())));
        }
    }
}
