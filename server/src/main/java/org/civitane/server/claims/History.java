package org.civitane.server.claims;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.civitane.core.programme.Catalogue;
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

    /** Whose claim a line is of. @param programme what the programme is called */
    public record OfClaim(UUID id, String number, String household, String programme) {}

    /** A line, and of which claim. */
    public record LineOf(Line line, OfClaim claim) {}

    /**
     * Lines of some kinds over all claims, the newest first.
     *
     * @param by whose only, by their name; of everyone where it is empty
     * @param before the line after which to go on, by its id; 0 to begin with the newest
     */
    @Transactional(readOnly = true)
    public List<LineOf> ofKinds(List<String> kinds, String by, long before, int most) {
        return database.sql("""
                        select e.id, e.at, e.actor::text, e.kind, (e.details->'sentence')::text,
                               c.id, c.number, c.household_name, c.programme
                        from claim_event e join claim c on c.id = e.claim_id
                        where e.kind in (:these)
                          and (:before = 0 or (e.at, e.id) < (select at, id from claim_event where id = :before))
                          and (:by = '' or e.actor in (:plain::jsonb, :supervisor::jsonb))
                        order by e.at desc, e.id desc limit :most""")
                .param("these", kinds)
                .param("before", before)
                .param("by", by)
                .param("plain", PhraseColumn.write(Actor.called(by).name()))
                .param("supervisor", PhraseColumn.write(Actor.supervisor(by).name()))
                .param("most", most)
                .query((row, i) -> new LineOf(
                        line(row),
                        new OfClaim(
                                row.getObject(6, UUID.class),
                                row.getString(7),
                                row.getString(8),
                                Catalogue.named(row.getString(9))
                                        .wording(Locale.ENGLISH)
                                        .text("name"))))
                .list();
    }

    private static Line line(ResultSet row) throws SQLException {
        return new Line(
                row.getLong(1),
                row.getTimestamp(2).toInstant(),
                PhraseColumn.read(row.getString(3)),
                row.getString(4),
                PhraseColumn.read(row.getString(5)));
    }

    /** The newest lines first, a hundred at most. */
    @Transactional(readOnly = true)
    public List<Line> of(UUID claim) {
        return database.sql(
                        "select id, at, actor::text, kind, (details->'sentence')::text from claim_event where claim_id = ? order by id desc limit "
                                + MOST_LINES)
                .param(claim)
                .query((row, i) -> line(row))
                .list();
    }
}
