package org.civitane.server.platform;

import com.github.kagkarlsson.scheduler.task.ExecutionComplete;
import com.github.kagkarlsson.scheduler.task.ExecutionOperations;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import java.time.Duration;

/** Tries a failed job again by itself: after a pause that doubles each time, but never more than half an hour. */
public final class RetryWithPauses<T> implements FailureHandler<T> {
    private static final Duration LONGEST = Duration.ofMinutes(30);
    private static final int MOST_DOUBLINGS = 16;

    private final Duration first;

    public RetryWithPauses(Duration first) {
        this.first = first;
    }

    @Override
    public void onFailure(ExecutionComplete complete, ExecutionOperations<T> operations) {
        int failures = complete.getExecution().consecutiveFailures;
        operations.reschedule(complete, complete.getTimeDone().plus(pauseAfter(failures)));
    }

    /** @param failures how many there were before this one */
    public Duration pauseAfter(int failures) {
        Duration pause = first.multipliedBy(1L << Math.min(failures, MOST_DOUBLINGS));
        return pause.compareTo(LONGEST) > 0 ? LONGEST : pause;
    }
}
