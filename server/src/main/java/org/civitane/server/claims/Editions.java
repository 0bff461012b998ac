package org.civitane.server.claims;

import java.time.Instant;
import java.util.UUID;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.PhraseColumn;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** The numbered editions of claims' applications: written once, never changed. */
@Component
class Editions {
    private final JdbcClient database;

    Editions(JdbcClient database) {
        this.database = database;
    }

    void add(UUID claim, int number, String caseFile, Phrase because, Instant at) {
        database.sql(
                        "insert into edition (claim_id, number, case_file, because, made_at) values (?, ?, ?::jsonb, ?::jsonb, ?)")
                .params(claim, number, caseFile, PhraseColumn.write(because), java.sql.Timestamp.from(at))
                .update();
    }

    String read(UUID claim, int number) {
        return database.sql("select case_file::text from edition where claim_id = ? and number = ?")
                .params(claim, number)
                .query(String.class)
                .single();
    }
}
