package org.civitane.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.classic.spi.ThrowableProxyUtil;
import ch.qos.logback.core.read.ListAppender;
import com.github.kagkarlsson.scheduler.event.SchedulerListener;
import com.github.kagkarlsson.scheduler.task.Execution;
import com.github.kagkarlsson.scheduler.task.ExecutionComplete;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import java.time.Instant;
import org.slf4j.LoggerFactory;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** What the log has of a job that failed. */
public class FailedJobsTest {
    private static final Instant NOW = Instant.parse("2026-12-01T09:00:00Z");

    private final Logger log = (Logger) LoggerFactory.getLogger(FailedJobs.class);
    private final ListAppender<ILoggingEvent> said = new ListAppender<>();

    @BeforeMethod
    void listen() {
        said.list.clear();
        said.start();
        log.addAppender(said);
    }

    @AfterMethod(alwaysRun = true)
    void end() {
        log.detachAppender(said);
    }

    @Test
    public void itsKindAndPlaceAreToldAndNothingThatItSaid() {
        SchedulerListener listener = new FailedJobs();
        Execution job = new Execution(NOW, new TaskInstance<>("write-letter", "1", "to Torvald Aspen"));
        listener.onExecutionComplete(ExecutionComplete.success(job, NOW, NOW));
        assertThat(said.list).isEmpty();
        listener.onExecutionComplete(
                ExecutionComplete.failure(job, NOW, NOW, new IllegalStateException("Torvald Aspen has no address")));
        assertThat(said.list).hasSize(1);
        ILoggingEvent line = said.list.getFirst();
        String whole = line.getFormattedMessage() + ThrowableProxyUtil.asString(line.getThrowableProxy());
        assertThat(whole)
                .contains("write-letter", "1. time", "IllegalStateException", "FailedJobsTest")
                .doesNotContain("Torvald");
    }
}
