package org.civitane.server.documents;

import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.civitane.server.platform.AgencyClock;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;

/** Each morning: who is reminded of what they have not fetched, and what is destroyed since nobody came. */
@Component
class HandoverJobs {
    private static final LocalTime MORNING = LocalTime.of(5, 30);
    private static final int AT_ONCE = 200;

    private final HandoverStore store;
    private final Handovers handovers;
    private final Documents documents;
    private final AgencyClock clock;

    HandoverJobs(HandoverStore store, Handovers handovers, Documents documents) {
        this.store = store;
        this.handovers = handovers;
        this.documents = documents;
        this.clock = store.clock();
    }

    /** One transaction a document; a morning that is cut short goes on the next. */
    void lookThrough() {
        LocalDate today = clock.today();
        all(() -> store.toDestroy(today, AT_ONCE), handovers::destroy);
        all(() -> store.toRemind(today, AT_ONCE), handovers::remind);
    }

    private void all(Supplier<List<Handover>> found, Consumer<Issued> act) {
        List<Handover> next = found.get();
        while (!next.isEmpty()) {
            next.forEach(each -> act.accept(documents.byId(each.document())));
            next = found.get();
        }
    }

    @Configuration(proxyBeanMethods = false)
    static class HandoverTasks {
        @Bean
        RecurringTask<Void> unfetchedTask(ObjectProvider<HandoverJobs> jobs) {
            return Tasks.recurring("unfetched", Schedules.daily(MORNING))
                    .execute((instance, context) -> jobs.getObject().lookThrough());
        }
    }
}
