package org.civitane.server.platform;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.logging.LogLevel;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.CustomTask;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;

/**
 * The job queue in the database. A job scheduled in a transaction exists only when that commits; one that was picked
 * by a process that died is picked again by another.
 */
@Configuration(proxyBeanMethods = false)
class JobQueue {
    private static final int THREADS = 4;
    /** A job whose server gave no sign for so many heartbeats is another's. */
    private static final int MISSED = 5;

    @Bean(destroyMethod = "stop")
    Scheduler scheduler(
            DataSource database,
            List<OneTimeTask<?>> once,
            List<CustomTask<?>> others,
            List<RecurringTask<?>> recurring,
            AgencyClock clock,
            SharedTime time,
            @Value("${civitane.job-polling}") Duration polling,
            @Value("${civitane.job-heartbeat}") Duration heartbeat) {
        List<Task<?>> tasks = new ArrayList<>(once);
        tasks.addAll(others);
        AtomicReference<Scheduler> scheduler = new AtomicReference<>();
        scheduler.set(Scheduler.create(new TransactionAwareDataSourceProxy(database), tasks)
                .startTasks(List.copyOf(recurring))
                .threads(THREADS)
                .clock(clock::now)
                .pollingInterval(polling)
                .heartbeatInterval(heartbeat)
                .missedHeartbeatsLimit(MISSED)
                .shutdownMaxWait(Duration.ofSeconds(5))
                .failureLogging(LogLevel.OFF, false)
                .addSchedulerListener(new FailedJobs())
                .addSchedulerListener(
                        new AtOnce(clock::now, () -> scheduler.get().triggerCheckForDueExecutions()))
                .build());
        return scheduler.get();
    }

    @Bean
    Starter jobQueueStarter(Scheduler scheduler) {
        return new Starter(scheduler);
    }

    /** Jobs begin to run once the server answers, since they call it. */
    record Starter(Scheduler scheduler) {
        @EventListener(ApplicationReadyEvent.class)
        void start() {
            scheduler.start();
        }
    }
}
