package org.civitane.server.papers;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.exchange.binding.Json;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Papers as the database keeps them. */
@Component
class PaperTable {
    private final JdbcClient database;
    private final KeptFiles kept;

    PaperTable(JdbcClient database, KeptFiles kept) {
        this.database = database;
        this.kept = kept;
    }

    private static final String COLUMNS = "select *, fault_at::text as fault_place from paper where ";

    /** All papers of a claim that were handed in, as they came. */
    List<Paper> of(UUID claim) {
        return database.sql(COLUMNS
                        + "claim_id = ? and state in ('RECEIVED', 'ACCEPTED', 'SENT_BACK') order by given_at, id")
                .param(claim)
                .query(PaperTable::row)
                .list();
    }

    /** Those that were not handed in yet. */
    List<Paper> begun(UUID claim) {
        return database.sql(COLUMNS + "claim_id = ? and state = 'BEGUN' order by given_at, id")
                .param(claim)
                .query(PaperTable::row)
                .list();
    }

    /** The one with that file, whatever became of it. */
    Optional<Paper> withFile(UUID claim, String digest) {
        return database.sql(COLUMNS + "claim_id = ? and digest = ?")
                .params(claim, digest)
                .query(PaperTable::row)
                .optional();
    }

    /** One that was begun or taken back comes once more, as another now. */
    void again(UUID id, Paper as) {
        kept.hold(as.digest());
        database.sql("""
                        update paper set state = ?, kind = ?, subject = ?, name = ?, document_type = ?, back_of = ?, remark = '', given_at = ?
                        where id = ?""")
                .params(
                        as.state().name(),
                        as.kind(),
                        as.subject(),
                        as.name(),
                        as.documentType(),
                        as.backOf().orElse(null),
                        Timestamp.from(as.givenAt()),
                        id)
                .update();
    }

    void takeBack(UUID id) {
        database.sql("update paper set state = 'TAKEN_BACK' where state = 'BEGUN' and (id = ? or back_of = ?)")
                .params(id, id)
                .update();
    }

    void remark(UUID id, String remark) {
        database.sql("update paper set remark = ? where id = ?")
                .params(remark, id)
                .update();
    }

    void handIn(UUID claim) {
        database.sql("update paper set state = 'RECEIVED' where claim_id = ? and state = 'BEGUN'")
                .param(claim)
                .update();
    }

    void faultAt(UUID id, ShownValue.Box place) {
        database.sql("update paper set fault_at = ?::jsonb where id = ?")
                .params(JsonColumn.write(place), id)
                .update();
    }

    /** @throws Problem when the claim has no such paper */
    Paper paper(UUID claim, UUID id) {
        return database.sql(COLUMNS + "claim_id = ? and id = ? and state <> 'TAKEN_BACK'")
                .params(claim, id)
                .query(PaperTable::row)
                .optional()
                .orElseThrow(() -> Problem.notFound(Phrase.of("paper.none")));
    }

    /**
     * Adds a paper and keeps its file.
     *
     * @param cameAs the digest of the file as it came
     * @return whether the claim did not have it already
     */
    boolean add(Paper paper, String cameAs, long bytes) {
        kept.hold(paper.digest());
        return database.sql("""
                                insert into paper (id, claim_id, digest, came_as, kind, subject, name, media_type, bytes, pages, state, given_by, given_at, document_type, back_of)
                                values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?) on conflict (claim_id, digest) do nothing""")
                        .params(
                                paper.id(),
                                paper.claim(),
                                paper.digest(),
                                cameAs,
                                paper.kind(),
                                paper.subject(),
                                paper.name(),
                                paper.mediaType(),
                                bytes,
                                paper.pages(),
                                paper.state().name(),
                                paper.givenBy(),
                                Timestamp.from(paper.givenAt()),
                                paper.documentType(),
                                paper.backOf().orElse(null))
                        .update()
                > 0;
    }

    void judge(UUID id, Paper.State state, String reason) {
        database.sql("update paper set state = ?, reason = ? where id = ?")
                .params(state.name(), reason, id)
                .update();
    }

    void name(UUID id, String kind, String subject) {
        database.sql("update paper set kind = ?, subject = ? where id = ?")
                .params(kind, subject, id)
                .update();
    }

    private static Paper row(ResultSet row, int number) throws SQLException {
        return new Paper(
                row.getObject("id", UUID.class),
                row.getObject("claim_id", UUID.class),
                row.getString("digest"),
                row.getString("kind"),
                row.getString("subject"),
                row.getString("name"),
                row.getString("media_type"),
                row.getInt("pages"),
                Paper.State.valueOf(row.getString("state")),
                row.getString("reason"),
                row.getString("given_by"),
                row.getTimestamp("given_at").toInstant(),
                row.getString("document_type"),
                Optional.ofNullable(row.getObject("back_of", UUID.class)),
                row.getString("remark"),
                Optional.ofNullable(row.getString("fault_place"))
                        .map(place -> Json.mapper().readValue(place, ShownValue.Box.class)));
    }
}
