package org.civitane.server.corrections;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.exchange.binding.Json;
import org.civitane.server.platform.JsonColumn;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;

/** Fix lists as the database keeps them; a change is refused when someone else's came first. */
@Component
class FixListStore {
    private static final TypeReference<List<Point>> POINTS = new TypeReference<>() {};
    private static final String COLUMNS =
            "id, claim_id, round, state, due_on, then_what, points::text, sent_at, version";

    private final JdbcClient database;

    FixListStore(JdbcClient database) {
        this.database = database;
    }

    Optional<FixList> newest(UUID claim) {
        return database.sql("select " + COLUMNS + " from fix_list where claim_id = ? order by round desc limit 1")
                .param(claim)
                .query(FixListStore::read)
                .optional();
    }

    Optional<FixList> find(UUID id) {
        return database.sql("select " + COLUMNS + " from fix_list where id = ?")
                .param(id)
                .query(FixListStore::read)
                .optional();
    }

    void insert(FixList list) {
        database.sql(
                        "insert into fix_list (id, claim_id, round, state, due_on, then_what, points, version) values (?, ?, ?, ?, ?, ?, ?::jsonb, 0)")
                .params(
                        list.id(),
                        list.claim(),
                        list.round(),
                        list.state().name(),
                        list.dueOn(),
                        list.then().name(),
                        JsonColumn.write(list.points()))
                .update();
    }

    /** Replaces the list of that version. */
    void update(FixList list) {
        Timestamp sent = list.sentAt().map(Timestamp::from).orElse(null);
        int changed = database.sql("""
                        update fix_list set state = ?, due_on = ?, then_what = ?, points = ?::jsonb, sent_at = ?, version = version + 1
                        where id = ? and version = ?""")
                .params(
                        list.state().name(),
                        list.dueOn(),
                        list.then().name(),
                        JsonColumn.write(list.points()),
                        sent,
                        list.id(),
                        list.version())
                .update();
        if (changed == 0) {
            throw new OptimisticLockingFailureException("fix list " + list.id());
        }
    }

    private static FixList read(ResultSet row, int i) throws SQLException {
        return new FixList(
                row.getObject(1, UUID.class),
                row.getObject(2, UUID.class),
                row.getInt(3),
                FixList.State.valueOf(row.getString(4)),
                row.getObject(5, LocalDate.class),
                FixList.Then.valueOf(row.getString(6)),
                Json.mapper().readValue(row.getString(7), POINTS),
                Optional.ofNullable(row.getTimestamp(8)).map(Timestamp::toInstant),
                row.getInt(9));
    }
}
