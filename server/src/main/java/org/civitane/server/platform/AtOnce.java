package org.civitane.server.platform;

import com.github.kagkarlsson.scheduler.event.AbstractSchedulerListener;
import com.github.kagkarlsson.scheduler.task.TaskInstanceId;
import java.time.Instant;
import java.util.function.Supplier;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Has the job queue looked through as soon as a job that is due is there: when the transaction that schedules it has
 * committed, since before that nobody can see it. Looking now and then finds what other servers scheduled.
 */
class AtOnce extends AbstractSchedulerListener implements TransactionSynchronization {
    private final Supplier<Instant> now;
    private final Runnable look;

    /** @param look looks through the queue, without waiting for it */
    AtOnce(Supplier<Instant> now, Runnable look) {
        this.now = now;
        this.look = look;
    }

    @Override
    public void onExecutionScheduled(TaskInstanceId job, Instant due) {
        if (due.isAfter(now.get())) {
            return;
        }
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            look.run();
        } else if (!TransactionSynchronizationManager.getSynchronizations().contains(this)) {
            TransactionSynchronizationManager.registerSynchronization(this);
        }
    }

    @Override
    public void afterCommit() {
        look.run();
    }
}
