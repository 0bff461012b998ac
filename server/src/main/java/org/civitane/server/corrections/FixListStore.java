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
    /** While a list is out, its ask says when it is due. */
    private static final String SELECT =
            "select f.*, coalesce(a.due_on, f.due_on) as due from fix_list f left join ask a on a.about = f.id ";

    private static final TypeReference<List<Point>> POINTS = new TypeReference<>() {};

    private final JdbcClient database;

    FixListStore(JdbcClient database) {
        this.database = database;
    }

    /** All rounds of a claim, the newest first. */
    List<FixList> of(UUID claim) {
        return database.sql(SELECT + "where f.claim_id = ? order by f.round desc")
                .param(claim)
                .query(FixListStore::read)
                .list();
    }

    Optional<FixList> newest(UUID claim) {
        return of(claim).stream().findFirst();
    }

    Optional<FixList> find(UUID id) {
        return database.sql(SELECT + "where f.id = ?")
                .param(id)
                .query(FixListStore::read)
                .optional();
    }

    void insert(FixList list) {
        database.sql("""
                        insert into fix_list (id, claim_id, round, state, due_on, then_what, points, version)
                        values (?, ?, ?, ?, ?, ?, ?::jsonb, 0)""")
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
                        update fix_list set state = ?, due_on = ?, then_what = ?, points = ?::jsonb, sent_at = ?,
                          version = version + 1
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
                row.getObject("id", UUID.class),
                row.getObject("claim_id", UUID.class),
                row.getInt("round"),
                FixList.State.valueOf(row.getString("state")),
                row.getObject("due", LocalDate.class),
                FixList.Then.valueOf(row.getString("then_what")),
                Json.mapper().readValue(row.getString("points"), POINTS),
                Optional.ofNullable(row.getTimestamp("sent_at")).map(Timestamp::toInstant),
                row.getInt("version"));
    }
}
