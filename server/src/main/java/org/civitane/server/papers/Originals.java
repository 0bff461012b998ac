package org.civitane.server.papers;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Documents that were seen as originals at the counter. */
@Component
public class Originals {
    private final JdbcClient database;
    private final ApplicationEventPublisher events;

    Originals(JdbcClient database, ApplicationEventPublisher events) {
        this.database = database;
        this.events = events;
    }

    /** All of a claim, as they were seen. */
    @Transactional(readOnly = true)
    public List<Original> of(UUID claim) {
        return database.sql("select * from original_seen where claim_id = ? order by at, id")
                .param(claim)
                .query(Originals::row)
                .list();
    }

    /** Keeps that one was seen. */
    @Transactional
    public void keep(UUID claim, Original original) {
        database.sql("""
                        insert into original_seen (id, claim_id, document_type, subject, name, date_of_birth, issued_on, expires_on,
                          number, compared, seen_by, at)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""")
                .params(
                        original.id(),
                        claim,
                        original.documentType(),
                        original.subject(),
                        original.name(),
                        original.dateOfBirth().orElse(null),
                        original.issuedOn().orElse(null),
                        original.expiresOn().orElse(null),
                        original.number(),
                        original.compared(),
                        original.by(),
                        Timestamp.from(original.at()))
                .update();
        events.publishEvent(new PapersChanged(claim));
    }

    private static Original row(ResultSet row, int number) throws SQLException {
        return new Original(
                row.getObject("id", UUID.class),
                row.getString("document_type"),
                row.getString("subject"),
                row.getString("name"),
                Optional.ofNullable(row.getObject("date_of_birth", LocalDate.class)),
                Optional.ofNullable(row.getObject("issued_on", LocalDate.class)),
                Optional.ofNullable(row.getObject("expires_on", LocalDate.class)),
                row.getString("number"),
                row.getString("compared"),
                row.getString("seen_by"),
                row.getTimestamp("at").toInstant());
    }
}
