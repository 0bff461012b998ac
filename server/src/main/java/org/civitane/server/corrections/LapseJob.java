package org.civitane.server.corrections;

import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.UUID;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The job that looks at a fix list on the day after its due date. */
@Configuration(proxyBeanMethods = false)
class LapseJob {
    static final TaskDescriptor<Void> TASK = TaskDescriptor.of("lapse-fix-list");
    private static final Duration FIRST_PAUSE = Duration.ofMinutes(1);

    @Bean
    OneTimeTask<Void> lapseFixList(ObjectProvider<FixLists> lists) {
        return Tasks.oneTime(TASK)
                .onFailure(new FailureHandler.ExponentialBackoffFailureHandler<>(FIRST_PAUSE, 2.0))
                .execute((instance, context) -> lists.getObject().lapse(UUID.fromString(instance.getId())));
    }
}
