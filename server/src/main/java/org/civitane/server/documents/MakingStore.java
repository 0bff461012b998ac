package org.civitane.server.documents;

import java.sql.Timestamp;
import java.util.List;
import java.util.UUID;
import org.civitane.server.platform.AgencyClock;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** What is paid for and still to be made out. */
@Component
class MakingStore {
    enum State {
        WAITING,
        MADE,
        GIVEN_UP
    }

    private final JdbcClient database;
    private final AgencyClock clock;

    MakingStore(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    AgencyClock clock() {
        return clock;
    }

    void await(UUID claim, String kind) {
        database.sql(
                        "insert into making (claim_id, kind, state, at) values (?, ?, 'WAITING', ?) on conflict do nothing")
                .params(claim, kind, now())
                .update();
    }

    /** The kinds of document that a claim still waits for. */
    List<String> waiting(UUID claim) {
        return database.sql("select kind from making where claim_id = ? and state = 'WAITING' order by kind")
                .param(claim)
                .query(String.class)
                .list();
    }

    /** Whether anything was ever to be made out on a claim. */
    boolean wasAsked(UUID claim) {
        return database.sql("select count(*) from making where claim_id = ?")
                        .param(claim)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** Nothing of a claim waits any more. */
    void end(UUID claim, State state) {
        database.sql("update making set state = ?, at = ? where claim_id = ? and state = 'WAITING'")
                .params(state.name(), now(), claim)
                .update();
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }
}
