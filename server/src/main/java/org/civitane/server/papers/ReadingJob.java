package org.civitane.server.papers;

import com.github.kagkarlsson.scheduler.task.CompletionHandler;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.CustomTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.platform.RetryWithPauses;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The job that reads papers: one for each that came, which reads whichever has its turn until its own was read. */
@Configuration(proxyBeanMethods = false)
class ReadingJob {
    static final TaskDescriptor<Void> TASK = TaskDescriptor.of("read-paper");
    private static final Duration FIRST_PAUSE = Duration.ofSeconds(10);

    @Bean
    CustomTask<Void> readPaper(ObjectProvider<Readings> readings) {
        return Tasks.custom(TASK).onFailure(new RetryWithPauses<>(FIRST_PAUSE)).execute((instance, context) -> {
            Optional<Instant> again = readings.getObject().readNext(UUID.fromString(instance.getId()));
            if (again.isEmpty()) {
                return new CompletionHandler.OnCompleteRemove<>();
            }
            return (complete, operations) -> operations.reschedule(complete, again.get());
        });
    }
}
