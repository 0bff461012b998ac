package org.civitane.server.access;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.civitane.server.platform.AgencyClock;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** When and from where an account was used, for its owner to look through; kept for a year. */
@Component
class SignIns {
    private static final int SHOWN = 20;

    private final JdbcClient database;
    private final AgencyClock clock;

    SignIns(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** One time that someone signed in. @param from the network it was done from */
    record Used(Instant at, String from) {}

    void add(UUID account, String network) {
        database.sql("insert into sign_in (account_id, at, address) values (?, ?, ?)")
                .params(account, Timestamp.from(clock.instant()), network)
                .update();
    }

    /** The latest first. */
    List<Used> of(UUID account) {
        return database.sql("select at, address from sign_in where account_id = ? order by at desc limit " + SHOWN)
                .param(account)
                .query((row, number) -> new Used(row.getTimestamp(1).toInstant(), row.getString(2)))
                .list();
    }
}
