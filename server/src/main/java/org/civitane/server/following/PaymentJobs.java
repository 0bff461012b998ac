package org.civitane.server.following;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.UUID;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.RetryWithPauses;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;

/**
 * When money leaves, and when a claim is fulfilled. A payment that is sent twice, since the process died in between, is
 * booked once: the bank knows it by its name.
 */
@Component
class PaymentJobs {
    private static final TaskDescriptor<Void> PAY = TaskDescriptor.of("pay");
    private static final LocalTime MORNING = LocalTime.of(6, 0);
    private static final LocalTime BEFORE_WORK = LocalTime.of(4, 30);

    private final SchedulerClient jobs;
    private final AgencyClock clock;

    PaymentJobs(SchedulerClient jobs, AgencyClock clock) {
        this.jobs = jobs;
        this.clock = clock;
    }

    /** On the morning of its day; at once when that has passed. */
    void pay(Payment payment) {
        Instant morning = payment.due().atTime(MORNING).atZone(clock.getZone()).toInstant();
        jobs.scheduleIfNotExists(PAY.instance(payment.reference()).scheduledTo(morning));
    }

    @Configuration(proxyBeanMethods = false)
    static class PaymentTasks {
        @Bean
        OneTimeTask<Void> payTask(
                ObjectProvider<Outbox> outbox, @Value("${civitane.register-pause:5s}") Duration firstPause) {
            return Tasks.oneTime(PAY)
                    .onFailure(new RetryWithPauses<>(firstPause))
                    .execute((instance, context) -> {
                        String name = instance.getId();
                        outbox.getObject().send(UUID.fromString(name.substring(0, name.lastIndexOf('-'))));
                    });
        }

        @Bean
        RecurringTask<Void> fulfilTask(ObjectProvider<Fulfilment> fulfilment) {
            return Tasks.recurring("fulfil", Schedules.daily(BEFORE_WORK))
                    .execute((instance, context) -> fulfilment.getObject().fulfilAll());
        }
    }
}
