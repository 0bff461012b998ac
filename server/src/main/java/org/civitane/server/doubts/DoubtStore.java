package org.civitane.server.doubts;

import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.asks.Ask;
import org.civitane.server.platform.AgencyClock;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Doubts as the database keeps them: of a claim the newest. */
@Component
class DoubtStore {
    private final JdbcClient database;
    private final AgencyClock clock;

    DoubtStore(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    Optional<Doubt> of(UUID claim) {
        return database.sql("""
                        select d.*, a.due_on, exists (select from more_time m where m.ask_id = a.id) as extended
                        from doubt d join ask a on a.id = d.ask_id where d.claim_id = ?""")
                .param(claim)
                .query((row, number) -> new Doubt(
                        Doubt.State.valueOf(row.getString("state")),
                        Doubt.Occasion.valueOf(row.getString("occasion")),
                        row.getObject("due_on", LocalDate.class),
                        row.getString("why"),
                        row.getString("asked_by"),
                        row.getString("state").equals("ASKED") && !row.getBoolean("extended")))
                .optional();
    }

    /** The person is asked, also once more. */
    void asked(Ask ask, Doubt.Occasion occasion, String why, String by) {
        database.sql("""
                        insert into doubt (claim_id, ask_id, state, occasion, asked_by, why, asked_at) values (?, ?, 'ASKED', ?, ?, ?, ?)
                        on conflict (claim_id) do update set ask_id = excluded.ask_id, state = 'ASKED', occasion = excluded.occasion, asked_by = excluded.asked_by,
                          why = excluded.why, asked_at = excluded.asked_at, answered_at = null""")
                .params(ask.claim(), ask.id(), occasion.name(), by, why, Timestamp.from(clock.instant()))
                .update();
    }

    void settle(UUID claim, Doubt.State state) {
        database.sql("update doubt set state = ?, answered_at = ? where claim_id = ?")
                .params(state.name(), Timestamp.from(clock.instant()), claim)
                .update();
    }
}
