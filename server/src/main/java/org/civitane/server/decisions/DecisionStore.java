package org.civitane.server.decisions;

import java.sql.Timestamp;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.claims.Actor;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.PhraseColumn;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Decisions as the database keeps them, for good. */
@Component
class DecisionStore {
    private final JdbcClient database;
    private final AgencyClock clock;

    DecisionStore(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    Optional<Decision> of(UUID claim) {
        return database.sql(
                        "select claim_id, run_id, kind, reason::text, decided_by::text, decided_at, letter from decision where claim_id = ?")
                .param(claim)
                .query((row, i) -> new Decision(
                        row.getObject(1, UUID.class),
                        row.getObject(2, UUID.class),
                        Decision.Kind.valueOf(row.getString(3)),
                        PhraseColumn.read(row.getString(4)),
                        PhraseColumn.read(row.getString(5)),
                        row.getTimestamp(6).toInstant(),
                        row.getString(7)))
                .optional();
    }

    Decision keep(UUID claim, Announcing.Kept kept, Decision.Kind kind, Phrase reason, Actor actor) {
        Decision decision = new Decision(claim, kept.run(), kind, reason, actor.name(), clock.instant(), kept.letter());
        database.sql(
                        "insert into decision (claim_id, run_id, kind, reason, decided_by, decided_at, letter) values (?, ?, ?, ?::jsonb, ?::jsonb, ?, ?)")
                .params(
                        decision.claim(),
                        decision.run(),
                        kind.name(),
                        PhraseColumn.write(reason),
                        PhraseColumn.write(actor.name()),
                        Timestamp.from(decision.at()),
                        decision.letter())
                .update();
        return decision;
    }

    /** The digest of the decision's letter, else of the one that told of an urgent award. */
    Optional<String> letter(UUID claim) {
        return database.sql("""
                        select letter from decision where claim_id = :claim
                        union all select letter from urgent_award where claim_id = :claim limit 1""").param("claim", claim).query(String.class).optional();
    }
}
