package org.civitane.server.papers;

import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.UUID;
import org.civitane.server.platform.RetryWithPauses;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The job that reads what a paper says. */
@Configuration(proxyBeanMethods = false)
class ReadingJob {
    static final TaskDescriptor<Void> TASK = TaskDescriptor.of("read-paper");
    private static final Duration FIRST_PAUSE = Duration.ofSeconds(10);

    @Bean
    OneTimeTask<Void> readPaper(ObjectProvider<Readings> readings) {
        return Tasks.oneTime(TASK)
                .onFailure(new RetryWithPauses<>(FIRST_PAUSE))
                .execute((instance, context) -> readings.getObject().read(UUID.fromString(instance.getId())));
    }
}
