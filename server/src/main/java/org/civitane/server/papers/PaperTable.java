package org.civitane.server.papers;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.util.List;
import java.util.UUID;
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

    /** All papers of a claim, as they came. */
    List<Paper> of(UUID claim) {
        return database.sql("select * from paper where claim_id = ? order by given_at, id")
                .param(claim)
                .query(PaperTable::row)
                .list();
    }

    /** @throws Problem when the claim has no such paper */
    Paper paper(UUID claim, UUID id) {
        return database.sql("select * from paper where claim_id = ? and id = ?")
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
                                insert into paper (id, claim_id, digest, came_as, kind, subject, name, media_type, bytes, pages, state, given_by, given_at)
                                values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 'RECEIVED', ?, ?) on conflict (claim_id, digest) do nothing""")
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
                                paper.givenBy(),
                                Timestamp.from(paper.givenAt()))
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
                row.getTimestamp("given_at").toInstant());
    }
}
