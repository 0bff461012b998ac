package org.civitane.server.claims;

import java.util.UUID;
import org.civitane.server.access.OpenWork;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Open claims as the work of whoever has them. */
@Component
class OpenClaims implements OpenWork {
    private final JdbcClient database;

    OpenClaims(JdbcClient database) {
        this.database = database;
    }

    @Override
    public int of(UUID account) {
        return database.sql(
                        "select count(*) from claim where owner_id = ? and state not in ('DECIDED', 'FULFILLED', 'WITHDRAWN')")
                .param(account)
                .query(Integer.class)
                .single();
    }
}
