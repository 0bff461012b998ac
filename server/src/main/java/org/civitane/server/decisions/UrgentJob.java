package org.civitane.server.decisions;

import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.UUID;
import org.civitane.server.platform.RetryWithPauses;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The job that looks, after 30 days, whether what was paid on identity alone was shown since. */
@Configuration(proxyBeanMethods = false)
class UrgentJob {
    static final TaskDescriptor<Void> TASK = TaskDescriptor.of("follow-urgent-award");
    private static final Duration FIRST_PAUSE = Duration.ofMinutes(1);

    @Bean
    OneTimeTask<Void> followUrgentAward(ObjectProvider<UrgentAwards> awards) {
        return Tasks.oneTime(TASK)
                .onFailure(new RetryWithPauses<>(FIRST_PAUSE))
                .execute((instance, context) -> awards.getObject().follow(UUID.fromString(instance.getId())));
    }
}
