package org.civitane.server.verification;

import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.time.LocalDate;
import java.util.UUID;
import org.civitane.server.platform.RetryWithPauses;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The job that looks at a doubted claim on the day after the answer was due. */
@Configuration(proxyBeanMethods = false)
class DoubtJob {
    static final TaskDescriptor<Void> TASK = TaskDescriptor.of("lapse-doubt");
    private static final Duration FIRST_PAUSE = Duration.ofMinutes(1);

    @Bean
    OneTimeTask<Void> lapseDoubt(ObjectProvider<Doubts> doubts) {
        return Tasks.oneTime(TASK).onFailure(new RetryWithPauses<>(FIRST_PAUSE)).execute((instance, context) -> {
            String[] parts = instance.getId().split("@");
            doubts.getObject().lapse(UUID.fromString(parts[0]), LocalDate.parse(parts[1]));
        });
    }
}
