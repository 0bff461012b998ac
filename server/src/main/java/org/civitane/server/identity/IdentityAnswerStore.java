package org.civitane.server.identity;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.exchange.binding.Json;
import org.civitane.server.platform.JsonColumn;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;

/** Answers about identities as the database keeps them. */
@Component
class IdentityAnswerStore {
    private static final TypeReference<List<IdentityAnswer.SentDocument>> SENT = new TypeReference<>() {};

    private final JdbcClient database;

    IdentityAnswerStore(JdbcClient database) {
        this.database = database;
    }

    /** The newest of a claim. */
    Optional<IdentityAnswer> newest(UUID claim) {
        return database.sql(
                        "select *, sent::text as sent_json from identity_answer where claim_id = ? order by round desc limit 1")
                .param(claim)
                .query(IdentityAnswerStore::row)
                .optional();
    }

    /** When the newest was handed in, else begun; empty when nobody ever answered. */
    Optional<Instant> lastWorkedOn(UUID claim) {
        return database.sql("select max(coalesce(handed_in_at, begun_at)) from identity_answer where claim_id = ?")
                .param(claim)
                .query(Timestamp.class)
                .optional()
                .map(Timestamp::toInstant);
    }

    /** Begins another round. */
    IdentityAnswer begin(UUID claim, int round, IdentityAnswer.Filed filed, Instant at) {
        database.sql("insert into identity_answer (id, claim_id, round, filed, begun_at) values (?, ?, ?, ?, ?)")
                .params(UUID.randomUUID(), claim, round, word(filed), Timestamp.from(at))
                .update();
        return newest(claim).orElseThrow();
    }

    void filed(UUID answer, IdentityAnswer.Filed filed) {
        database.sql("update identity_answer set filed = ? where id = ?")
                .params(word(filed), answer)
                .update();
    }

    /** Keeps that it was handed in. @return the number of the receipt */
    String handIn(IdentityAnswer answer, IdentityAnswer.HandedIn handedIn, LocalDate today) {
        return database.sql("""
                        update identity_answer set handed_in_at = ?, signed_as = ?, phone = ?, may_call = ?, sent = ?::jsonb,
                          number = 'ID-' || ? || '-' || lpad(nextval('identity_answer_number')::text, 5, '0')
                        where id = ? returning number""")
                .params(
                        Timestamp.from(handedIn.at()),
                        handedIn.signedAs(),
                        answer.phone(),
                        answer.mayCall(),
                        JsonColumn.write(handedIn.sent()),
                        String.valueOf(today.getYear()),
                        answer.id())
                .query(String.class)
                .single();
    }

    private static String word(IdentityAnswer.Filed filed) {
        return filed == IdentityAnswer.Filed.UNSAID ? "" : filed.name();
    }

    private static IdentityAnswer row(ResultSet row, int number) throws SQLException {
        String filed = row.getString("filed");
        Timestamp at = row.getTimestamp("handed_in_at");
        return new IdentityAnswer(
                row.getObject("id", UUID.class),
                row.getObject("claim_id", UUID.class),
                row.getInt("round"),
                filed.isEmpty() ? IdentityAnswer.Filed.UNSAID : IdentityAnswer.Filed.valueOf(filed),
                row.getString("phone"),
                row.getBoolean("may_call"),
                at == null
                        ? Optional.empty()
                        : Optional.of(new IdentityAnswer.HandedIn(
                                at.toInstant(),
                                row.getString("number"),
                                row.getString("signed_as"),
                                Json.mapper().readValue(row.getString("sent_json"), SENT))));
    }
}
