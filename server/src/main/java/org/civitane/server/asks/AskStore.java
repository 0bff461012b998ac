package org.civitane.server.asks;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.platform.PhraseColumn;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Asks as the database keeps them. */
@Component
class AskStore {
    private static final String SELECT = """
            select a.*, a.what::text as what_json, m.id as more_id, m.asked_by as more_by, m.why, m.days, m.asked_at as more_at,
              m.state as more_state, m.answer
            from ask a left join more_time m on m.ask_id = a.id where""";

    private final JdbcClient database;

    AskStore(JdbcClient database) {
        this.database = database;
    }

    /** All of a claim, as they were asked. */
    List<Ask> of(UUID claim) {
        return read(" a.claim_id = ? order by a.asked_at, a.id, m.asked_at, m.id", claim);
    }

    Optional<Ask> find(UUID id) {
        return read(" a.id = ? order by m.asked_at, m.id", id).stream().findFirst();
    }

    /**
     * Open asks of claims that are not held, which no job would end, or for which their claim does not wait though they
     * hold it up.
     */
    List<Ask> astray() {
        List<UUID> ids = database.sql("""
                        select a.id from ask a join claim c on c.id = a.claim_id
                        where a.state in ('OPEN', 'PARTLY') and not c.held
                          and (not exists (select from scheduled_tasks t where t.task_name = 'lapse-ask'
                                           and t.task_instance = a.id || '@' || a.due_on)
                               or a.kind in (:holding) and c.state in ('RECEIVED', 'IN_REVIEW', 'READY'))
                        order by a.claim_id, a.id limit 1000""")
                .param(
                        "holding",
                        Arrays.stream(Ask.Kind.values())
                                .filter(Ask.Kind::holdsUp)
                                .map(Enum::name)
                                .toList())
                .query(UUID.class)
                .list();
        return ids.stream().flatMap(id -> find(id).stream()).toList();
    }

    void insert(Ask ask, String by, Instant at) {
        database.sql("""
                        insert into ask (id, claim_id, kind, about, whom, what, first_due_on, due_on, then_what, state, asked_by, asked_at)
                        values (?, ?, ?, ?, ?, ?::jsonb, ?, ?, ?, ?, ?, ?)""")
                .params(
                        ask.id(),
                        ask.claim(),
                        ask.kind().name(),
                        ask.about(),
                        ask.whom(),
                        PhraseColumn.write(ask.what()),
                        ask.firstDueOn(),
                        ask.dueOn(),
                        ask.then().name(),
                        ask.state().name(),
                        by,
                        Timestamp.from(at))
                .update();
    }

    /** Keeps how far it is and by when it is due. */
    void update(Ask ask) {
        database.sql("update ask set state = ?, due_on = ?, what = ?::jsonb where id = ?")
                .params(ask.state().name(), ask.dueOn(), PhraseColumn.write(ask.what()), ask.id())
                .update();
    }

    void insert(UUID ask, MoreTime wish) {
        database.sql(
                        "insert into more_time (id, ask_id, asked_by, why, days, asked_at, state, answer) values (?, ?, ?, ?, ?, ?, ?, ?)")
                .params(
                        wish.id(),
                        ask,
                        wish.by(),
                        wish.why(),
                        wish.days(),
                        Timestamp.from(wish.at()),
                        wish.state().name(),
                        wish.answer())
                .update();
    }

    void answer(UUID wish, MoreTime.State state, String answer, String by) {
        database.sql("update more_time set state = ?, answer = ?, answered_by = ? where id = ?")
                .params(state.name(), answer, by, wish)
                .update();
    }

    private List<Ask> read(String where, UUID id) {
        Map<UUID, Ask> asks = new LinkedHashMap<>();
        Map<UUID, List<MoreTime>> wishes = new LinkedHashMap<>();
        database.sql(SELECT + where).param(id).query((ResultSet row) -> {
            UUID ask = row.getObject("id", UUID.class);
            List<MoreTime> moreTime = wishes.computeIfAbsent(ask, unseen -> new ArrayList<>());
            if (row.getObject("more_id") != null) {
                moreTime.add(moreTime(row));
            }
            asks.put(ask, ask(row, moreTime));
        });
        return List.copyOf(asks.values());
    }

    private static Ask ask(ResultSet row, List<MoreTime> moreTime) throws SQLException {
        return new Ask(
                row.getObject("id", UUID.class),
                row.getObject("claim_id", UUID.class),
                Ask.Kind.valueOf(row.getString("kind")),
                row.getObject("about", UUID.class),
                row.getString("whom"),
                PhraseColumn.read(row.getString("what_json")),
                row.getObject("first_due_on", LocalDate.class),
                row.getObject("due_on", LocalDate.class),
                Ask.Then.valueOf(row.getString("then_what")),
                Ask.State.valueOf(row.getString("state")),
                List.copyOf(moreTime));
    }

    private static MoreTime moreTime(ResultSet row) throws SQLException {
        return new MoreTime(
                row.getObject("more_id", UUID.class),
                row.getString("more_by"),
                row.getString("why"),
                row.getInt("days"),
                row.getTimestamp("more_at").toInstant(),
                MoreTime.State.valueOf(row.getString("more_state")),
                row.getString("answer"));
    }
}
