package org.civitane.server.hours;

import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;

/** Of which claims hours are told. */
@Service
public class HoursTold {
    private final JdbcClient database;

    HoursTold(JdbcClient database) {
        this.database = database;
    }

    /** Whether hours of a claim's weeks are told, or were. */
    public boolean areTold(UUID claim) {
        return database.sql("select exists (select from told_week where claim_id = ?)")
                .param(claim)
                .query(Boolean.class)
                .single();
    }
}
