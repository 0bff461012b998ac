package org.civitane.server.demo;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.stream.IntStream;
import org.civitane.server.platform.Starting;
import org.civitane.server.standins.Simulated;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Profile;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Tells each story of the demo once, in a transaction of its own, and how far that is. */
@Component
@Profile(Simulated.PROFILE)
class DemoStories {
    private static final long ONE_SERVER = 8_420_002;

    private final EntityManager entities;
    private final JdbcClient database;
    private final TransactionTemplate transaction;
    private final Starting starting;
    private final int every;

    /** @param every 1 tells all stories; 9 the first of each nine, for those who only want to see that they are told */
    DemoStories(
            EntityManager entities,
            JdbcClient database,
            TransactionTemplate transaction,
            Starting starting,
            @Value("${civitane.demo-every}") int every) {
        this.entities = entities;
        this.database = database;
        this.transaction = transaction;
        this.starting = starting;
        this.every = every;
    }

    /** @param name by which it is known whether it was told */
    record Story(String name, Runnable tell) {}

    /** Tells those that were not told yet, by this server or another. */
    void tell(List<Story> stories) {
        List<Story> told = IntStream.iterate(0, i -> i < stories.size(), i -> i + every)
                .mapToObj(stories::get)
                .toList();
        starting.takes(told.size());
        for (Story story : told) {
            transaction.executeWithoutResult(status -> tellOnce(story));
            starting.did();
        }
    }

    boolean isTold(String story) {
        return database.sql("select count(*) from demo_story where name = ?")
                        .param(story)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    private void tellOnce(Story story) {
        database.sql("select pg_advisory_xact_lock(?)::text")
                .param(ONE_SERVER)
                .query(String.class)
                .single();
        if (!isTold(story.name())) {
            story.tell().run();
            database.sql("insert into demo_story (name) values (?)")
                    .param(story.name())
                    .update();
            forgetWhatIsStored();
        }
    }

    /** Otherwise each change is looked for in all stories before, and each takes longer than the last. */
    private void forgetWhatIsStored() {
        entities.flush();
        entities.clear();
    }
}
