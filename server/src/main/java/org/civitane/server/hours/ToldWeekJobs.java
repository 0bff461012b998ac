package org.civitane.server.hours;

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

/** When the hours of a week are asked for: on the morning after it. */
@Component
class ToldWeekJobs {
    private static final TaskDescriptor<Void> ASK = TaskDescriptor.of("ask-for-hours");
    private static final LocalTime MORNING = LocalTime.of(9, 0);
    private static final Duration FIRST_PAUSE = Duration.ofMinutes(1);

    private final SchedulerClient jobs;
    private final AgencyClock clock;

    ToldWeekJobs(SchedulerClient jobs, AgencyClock clock) {
        this.jobs = jobs;
        this.clock = clock;
    }

    void ask(UUID claim, LocalDate monday) {
        jobs.scheduleIfNotExists(ASK.instance(claim + " " + monday)
                .scheduledTo(monday.plusWeeks(1)
                        .atTime(MORNING)
                        .atZone(clock.getZone())
                        .toInstant()));
    }

    @Configuration(proxyBeanMethods = false)
    static class ToldWeekTasks {
        @Bean
        OneTimeTask<Void> askForHoursTask(ObjectProvider<ToldWeeks> weeks) {
            return Tasks.oneTime(ASK)
                    .onFailure(new RetryWithPauses<>(FIRST_PAUSE))
                    .execute((instance, context) -> {
                        String[] name = instance.getId().split(" ");
                        weeks.getObject().over(UUID.fromString(name[0]), LocalDate.parse(name[1]));
                    });
        }
    }
}
