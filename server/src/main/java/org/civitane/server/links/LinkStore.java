package org.civitane.server.links;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.asks.Ask;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Links as the database keeps them, and what was begun on the pages they lead to. */
@Component
class LinkStore {
    private final JdbcClient database;
    private final AgencyClock clock;

    LinkStore(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    void insert(UUID ask, String digest, Link.Way way, LocalDate expiresOn) {
        database.sql("insert into ask_link (id, ask_id, digest, way, made_at, expires_on) values (?, ?, ?, ?, ?, ?)")
                .params(UUID.randomUUID(), ask, digest, way.name(), now(), expiresOn)
                .update();
    }

    Optional<Link> find(String digest) {
        return database.sql("select * from ask_link where digest = ?")
                .param(digest)
                .query(LinkStore::link)
                .optional();
    }

    /** Whether another link was sent since to whoever this one was sent to: then this one leads nowhere. */
    boolean isReplaced(UUID link) {
        return database.sql("""
                        select exists (select from ask_link newer join ask_link old on old.ask_id = newer.ask_id
                          where old.id = ? and old.way in ('EMAIL', 'TEXT') and newer.way in ('EMAIL', 'TEXT')
                            and newer.made_at > old.made_at)""").param(link).query(Boolean.class).single();
    }

    /** What was begun is forgotten, since it is for somebody else to answer now. */
    void forgetBegun(UUID ask) {
        database.sql("""
                        update ask_answer set answers = '{"name": "", "answers": {}, "remarks": {}}'
                        where ask_id = ? and not done""").param(ask).update();
    }

    /** The link as it is now, held until the transaction ends, so that no two tries count as one. */
    Link hold(UUID id) {
        return database.sql("select * from ask_link where id = ? for update")
                .param(id)
                .query(LinkStore::link)
                .single();
    }

    /** How often somebody said wrongly that they are the one who is asked, over all their links. */
    int tries(Ask ask) {
        return database.sql("select tries from signer_tries where claim_id = ? and whom = ?")
                .params(ask.claim(), ask.whom())
                .query(Integer.class)
                .optional()
                .orElse(0);
    }

    /** The same, held until the transaction ends, so that no two tries count as one. */
    int holdTries(Ask ask) {
        database.sql("insert into signer_tries (claim_id, whom) values (?, ?) on conflict do nothing")
                .params(ask.claim(), ask.whom())
                .update();
        return database.sql("select tries from signer_tries where claim_id = ? and whom = ? for update")
                .params(ask.claim(), ask.whom())
                .query(Integer.class)
                .single();
    }

    /** One more said who they are, and it was not so; a code that was sent for that link is used up. */
    void failed(Ask ask, UUID link) {
        database.sql("update signer_tries set tries = tries + 1 where claim_id = ? and whom = ?")
                .params(ask.claim(), ask.whom())
                .update();
        database.sql("update ask_link set code_digest = null where id = ?")
                .param(link)
                .update();
    }

    /** They were reached by a way of their own, and can say anew who they are. */
    void reopen(Ask ask) {
        database.sql("update signer_tries set tries = 0 where claim_id = ? and whom = ?")
                .params(ask.claim(), ask.whom())
                .update();
    }

    void code(UUID id, String digest, Instant until) {
        database.sql("update ask_link set code_digest = ?, code_until = ?, codes = codes + 1 where id = ?")
                .params(digest, Timestamp.from(until), id)
                .update();
    }

    /** Whether no link of an ask leads anywhere, since it was said too often wrongly who opened it. */
    boolean isClosed(Ask ask) {
        return tries(ask) >= Link.MOST_TRIES;
    }

    /** How many forms on paper were made of an ask. */
    int forms(Ask ask) {
        return database.sql("select count(*) from ask_link where ask_id = ? and way in ('PAPER', 'SCAN')")
                .param(ask.id())
                .query(Integer.class)
                .single();
    }

    /** Whoever it is for has opened its page. */
    void opened(UUID link) {
        database.sql("update ask_link set opened_at = ? where id = ? and opened_at is null")
                .params(now(), link)
                .update();
    }

    /** When a page of an ask was opened first. */
    Optional<Instant> firstOpened(UUID ask) {
        return database.sql("select min(opened_at) from ask_link where ask_id = ? having min(opened_at) is not null")
                .param(ask)
                .query((row, number) -> row.getTimestamp(1).toInstant())
                .optional();
    }

    /** When the last one was made that was sent. */
    Optional<Instant> lastMade(UUID ask) {
        return database.sql(
                        "select made_at from ask_link where ask_id = ? and way in ('EMAIL', 'TEXT') order by made_at desc limit 1")
                .param(ask)
                .query((row, number) -> row.getTimestamp(1).toInstant())
                .optional();
    }

    /** Keeps what was answered so far, or at last. */
    void keep(UUID ask, JsonNode answers, boolean done) {
        database.sql("""
                        insert into ask_answer (ask_id, answers, at, done) values (?, ?::jsonb, ?, ?)
                        on conflict (ask_id) do update set answers = excluded.answers, at = excluded.at, done = excluded.done
                        where not ask_answer.done""").params(ask, JsonColumn.write(answers), now(), done).update();
    }

    /** A form came back on paper. Found again, it is the same. */
    void cameBack(UUID ask, UUID paper) {
        database.sql("insert into ask_paper (ask_id, paper_id, at) values (?, ?, ?) on conflict do nothing")
                .params(ask, paper, now())
                .update();
    }

    /** The papers that came back for an ask, the newest first. */
    List<UUID> papers(UUID ask) {
        return database.sql("select paper_id from ask_paper where ask_id = ? order by at desc, paper_id")
                .param(ask)
                .query(UUID.class)
                .list();
    }

    /** What was answered. @param done whether it was handed in */
    record Kept(JsonNode answers, Instant at, boolean done) {}

    Optional<Kept> kept(UUID ask) {
        return database.sql("select answers::text, at, done from ask_answer where ask_id = ?")
                .param(ask)
                .query((row, number) -> new Kept(
                        JsonColumn.read(row.getString(1)), row.getTimestamp(2).toInstant(), row.getBoolean(3)))
                .optional();
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }

    private static Link link(ResultSet row, int number) throws SQLException {
        return new Link(
                row.getObject("id", UUID.class),
                row.getObject("ask_id", UUID.class),
                Link.Way.valueOf(row.getString("way")),
                row.getObject("expires_on", LocalDate.class),
                Optional.ofNullable(row.getString("code_digest")),
                Optional.ofNullable(row.getTimestamp("code_until")).map(Timestamp::toInstant),
                row.getInt("codes"));
    }
}
