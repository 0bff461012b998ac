package org.civitane.server.standins;

import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.context.annotation.Profile;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** The switches that tests and the demo page turn; in the database, so that all servers behave alike at once. */
@Component
@Profile(Simulated.PROFILE)
public class Moods {
    private final JdbcClient database;
    private final AtomicInteger calls = new AtomicInteger();

    Moods(JdbcClient database) {
        this.database = database;
    }

    public void set(Service service, Mood mood) {
        database.sql(
                        "insert into standin_mood (service, mood) values (?, ?) on conflict (service) do update set mood = excluded.mood")
                .params(service.name(), mood.name())
                .update();
    }

    public Mood of(Service service) {
        return database.sql("select mood from standin_mood where service = ?")
                .param(service.name())
                .query((row, number) -> Mood.valueOf(row.getString(1)))
                .optional()
                .orElse(Mood.ANSWERS);
    }

    /** Whether a service that flaps is up this time. */
    boolean isUpThisTime() {
        return calls.incrementAndGet() % 2 == 0;
    }
}
