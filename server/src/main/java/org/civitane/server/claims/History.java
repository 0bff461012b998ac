package org.civitane.server.claims;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.PhraseColumn;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The append-only history of claims. A line is written in the same transaction as what it tells of. */
@Component
public class History {
    private static final int MOST_LINES = 100;

    private final JdbcClient database;
    private final AgencyClock clock;

    History(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** One line. @param sentence what happened */
    public record Line(long id, Instant at, Phrase actor, String kind, Phrase sentence) {}

    /**
     * Adds a line.
     *
     * @param kind a stable code for machines
     * @param sentence what happened, for people
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void add(UUID claim, Actor actor, String kind, Phrase sentence) {
        database.sql(
                        "insert into claim_event (claim_id, at, actor, kind, details) values (?, ?, ?::jsonb, ?, jsonb_build_object('sentence', ?::jsonb))")
                .params(
                        claim,
                        java.sql.Timestamp.from(clock.instant()),
                        PhraseColumn.write(actor.name()),
                        kind,
                        PhraseColumn.write(sentence))
                .update();
    }

    /** The newest lines first, a hundred at most. */
    @Transactional(readOnly = true)
    public List<Line> of(UUID claim) {
        return database.sql(
                        "select id, at, actor::text, kind, (details->'sentence')::text from claim_event where claim_id = ? order by id desc limit "
                                + MOST_LINES)
                .param(claim)
                .query((row, i) -> new Line(
                        row.getLong(1),
                        row.getTimestamp(2).toInstant(),
                        PhraseColumn.read(row.getString(3)),
                        row.getString(4),
                        PhraseColumn.read(row.getString(5))))
                .list();
    }
}
