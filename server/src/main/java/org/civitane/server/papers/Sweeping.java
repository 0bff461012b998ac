package org.civitane.server.papers;

import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Duration;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;

/** The job that sweeps away, an hour later, what a killed process or a refused request left in the store. */
@Component
public class Sweeping {
    private static final Logger LOG = LoggerFactory.getLogger(Sweeping.class);
    /** Longer than anything takes from a file's arrival to the row that names it. */
    private static final Duration LEFT_ALONE = Duration.ofHours(1);

    private static final int AT_ONCE = 200;

    private final PaperStore store;
    private final KeptFiles kept;

    Sweeping(PaperStore store, KeptFiles kept) {
        this.store = store;
        this.kept = kept;
    }

    /** Sweeps what has been there longer than an hour and belongs to nothing. */
    public void sweep() {
        int halves = store.dropArrivals(LEFT_ALONE);
        List<String> old = store.olderThan(LEFT_ALONE);
        int swept = 0;
        for (int from = 0; from < old.size(); from += AT_ONCE) {
            swept += kept.sweep(old.subList(from, Math.min(old.size(), from + AT_ONCE)));
        }
        if (halves + swept > 0) {
            LOG.info("Swept {} files that never arrived whole and {} that belong to nothing.", halves, swept);
        }
        store.watchRoom();
    }

    /** When it runs. */
    @Configuration(proxyBeanMethods = false)
    static class Job {
        @Bean
        RecurringTask<Void> sweepStore(ObjectProvider<Sweeping> sweeping) {
            return Tasks.recurring("sweep-store", FixedDelay.of(LEFT_ALONE))
                    .execute((instance, context) -> sweeping.getObject().sweep());
        }
    }
}
