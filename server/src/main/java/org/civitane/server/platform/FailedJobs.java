package org.civitane.server.platform;

import com.github.kagkarlsson.scheduler.event.AbstractSchedulerListener;
import com.github.kagkarlsson.scheduler.task.ExecutionComplete;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Says in the log which kind of job failed and where, in place of the queue itself, which would say what it said as well. */
class FailedJobs extends AbstractSchedulerListener {
    private static final Logger LOG = LoggerFactory.getLogger(FailedJobs.class);

    @Override
    public void onExecutionComplete(ExecutionComplete done) {
        done.getCause()
                .ifPresent(cause -> LOG.warn(
                        "A job failed: {}, for the {}. time in a row",
                        done.getExecution().getTaskName(),
                        done.getExecution().consecutiveFailures + 1,
                        WithoutWords.of(cause)));
    }
}
