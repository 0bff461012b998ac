package org.civitane.server.access;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Digest;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Second factors with their recovery codes; an account has at most one in force and one that is begun. */
@Component
class FactorStore {
    private final JdbcClient database;
    private final AgencyClock clock;

    FactorStore(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    AgencyClock clock() {
        return clock;
    }

    Optional<SecondFactor> inForce(UUID account) {
        return find(account, "confirmed_at is not null");
    }

    Optional<SecondFactor> begun(UUID account) {
        return find(account, "confirmed_at is null");
    }

    Optional<SecondFactor> byId(UUID id) {
        return database.sql("select * from second_factor where id = ?")
                .param(id)
                .query(FactorStore::read)
                .optional();
    }

    private Optional<SecondFactor> find(UUID account, String which) {
        return database.sql("select * from second_factor where account_id = ? and " + which)
                .param(account)
                .query(FactorStore::read)
                .optional();
    }

    /** In place of any that was begun before. */
    void begin(SecondFactor factor) {
        database.sql("delete from second_factor where account_id = ? and confirmed_at is null")
                .param(factor.account())
                .update();
        database.sql(
                        "insert into second_factor (id, account_id, kind, secret, phone, begun_at) values (?, ?, ?, ?, ?, ?)")
                .params(
                        factor.id(),
                        factor.account(),
                        factor.kind().name(),
                        factor.secret().orElse(null),
                        factor.phone(),
                        Timestamp.from(factor.begunAt()))
                .update();
    }

    /** From now on it is the one in force, with its recovery codes. */
    void confirm(SecondFactor factor, List<String> recovery) {
        database.sql("delete from second_factor where account_id = ? and id <> ?")
                .params(factor.account(), factor.id())
                .update();
        database.sql("update second_factor set confirmed_at = ? where id = ?")
                .params(now(), factor.id())
                .update();
        database.sql("delete from recovery_code where account_id = ?")
                .param(factor.account())
                .update();
        recovery.forEach(code -> database.sql("insert into recovery_code (account_id, digest) values (?, ?)")
                .params(factor.account(), Digest.of(code))
                .update());
    }

    void remove(UUID account) {
        database.sql("delete from second_factor where account_id = ?")
                .param(account)
                .update();
        database.sql("delete from recovery_code where account_id = ?")
                .param(account)
                .update();
    }

    /** @return whether the code of that step, or of a later one, was not used before */
    boolean useStep(SecondFactor factor, long step) {
        return database.sql("update second_factor set last_step = ? where id = ? and last_step < ?")
                        .params(step, factor.id(), step)
                        .update()
                > 0;
    }

    /** @return whether it is one of the account's and was not used before */
    boolean useRecovery(UUID account, String code) {
        return database.sql(
                                "update recovery_code set used_at = ? where account_id = ? and digest = ? and used_at is null")
                        .params(now(), account, Digest.of(code))
                        .update()
                > 0;
    }

    int recoveryLeft(UUID account) {
        return database.sql("select count(*) from recovery_code where account_id = ? and used_at is null")
                .param(account)
                .query(Integer.class)
                .single();
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }

    private static SecondFactor read(ResultSet row, int number) throws SQLException {
        Instant begun = row.getTimestamp("begun_at").toInstant();
        return new SecondFactor(
                row.getObject("id", UUID.class),
                row.getObject("account_id", UUID.class),
                SecondFactor.Kind.valueOf(row.getString("kind")),
                Optional.ofNullable(row.getBytes("secret")),
                row.getString("phone"),
                begun);
    }
}
