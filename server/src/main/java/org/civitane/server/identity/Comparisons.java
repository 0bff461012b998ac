package org.civitane.server.identity;

import java.sql.Timestamp;
import java.util.List;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.platform.AgencyClock;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** That pictures of two documents were compared by eye, and what was seen. */
@Component
class Comparisons {
    private final JdbcClient database;
    private final AgencyClock clock;

    Comparisons(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    void keep(UUID claim, String words, SignedIn who) {
        database.sql("insert into identity_compared (claim_id, words, by_whom, at) values (?, ?, ?, ?)")
                .params(claim, words, who.displayName(), Timestamp.from(clock.instant()))
                .update();
    }

    /** All of a claim, as they were made. */
    List<IdentityGrid.ComparedBy> of(UUID claim) {
        return database.sql("select words, by_whom, at from identity_compared where claim_id = ? order by at")
                .param(claim)
                .query((row, number) -> new IdentityGrid.ComparedBy(
                        row.getString("words"),
                        row.getString("by_whom"),
                        row.getTimestamp("at").toInstant()))
                .list();
    }
}
