package org.civitane.server.corrections;

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

/** The job that looks at a fix list on the day after its due date. A list whose date was moved has another job. */
@Configuration(proxyBeanMethods = false)
class LapseJob {
    static final TaskDescriptor<Void> TASK = TaskDescriptor.of("lapse-fix-list");
    private static final Duration FIRST_PAUSE = Duration.ofMinutes(1);
    private static final String APART = "@";

    static String idOf(FixList list) {
        return list.id() + APART + list.dueOn();
    }

    @Bean
    OneTimeTask<Void> lapseFixList(ObjectProvider<FixLists> lists) {
        return Tasks.oneTime(TASK).onFailure(new RetryWithPauses<>(FIRST_PAUSE)).execute((instance, context) -> {
            String[] parts = instance.getId().split(APART);
            lists.getObject().lapse(UUID.fromString(parts[0]), LocalDate.parse(parts[1]));
        });
    }
}
