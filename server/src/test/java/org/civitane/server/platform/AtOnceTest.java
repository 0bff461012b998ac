package org.civitane.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.kagkarlsson.scheduler.task.TaskInstanceId;
import java.time.Instant;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** What is due is looked for once it can be seen, and what is due later is not. */
public class AtOnceTest {
    private static final Instant NOW = Instant.parse("2026-12-01T09:00:00Z");
    private static final TaskInstanceId JOB = TaskInstanceId.of("send", "1");

    private final AtomicInteger looks = new AtomicInteger();
    private final AtOnce atOnce = new AtOnce(() -> NOW, looks::incrementAndGet);

    @AfterMethod(alwaysRun = true)
    void end() {
        looks.set(0);
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.clearSynchronization();
        }
    }

    @Test
    public void whatIsDueNowIsLookedForAndWhatIsDueLaterIsNot() {
        atOnce.onExecutionScheduled(JOB, NOW.plusSeconds(1));
        assertThat(looks).hasValue(0);
        atOnce.onExecutionScheduled(JOB, NOW);
        assertThat(looks).hasValue(1);
    }

    @Test
    public void inATransactionItIsLookedForOnceWhenThatHasCommitted() {
        TransactionSynchronizationManager.initSynchronization();
        atOnce.onExecutionScheduled(JOB, NOW);
        atOnce.onExecutionScheduled(JOB, NOW);
        assertThat(looks).as("nobody else can see it yet").hasValue(0);
        TransactionSynchronizationManager.getSynchronizations().forEach(TransactionSynchronization::afterCommit);
        assertThat(looks).hasValue(1);
    }
}
