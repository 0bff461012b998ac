package org.civitane.server.photos;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.programme.Programme;
import org.civitane.core.question.Chapter;
import org.civitane.core.question.Question;
import org.civitane.server.papers.KeptFiles;
import org.civitane.server.papers.PaperStore;
import org.civitane.server.platform.AgencyClock;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.node.ObjectNode;

/**
 * Keeps the one photo of an application, and says of its file what the rules ask: that is this office's word, whatever a
 * browser claims.
 */
@Service
@Transactional
public class Photos {
    private final PaperStore store;
    private final KeptFiles files;
    private final JdbcClient database;
    private final AgencyClock clock;

    Photos(PaperStore store, KeptFiles files, JdbcClient database, AgencyClock clock) {
        this.store = store;
        this.files = files;
        this.database = database;
        this.clock = clock;
    }

    /** Keeps the photo of an application that is being filled in, in place of an earlier one. */
    void keep(UUID applicant, String programme, Photo photo) {
        files.hold(photo.digest());
        database.sql("""
                        insert into photo (id, account_id, programme, digest, format, width_px, height_px, bytes, given_at)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?)
                        on conflict (account_id, programme) where claim_id is null do update
                          set digest = excluded.digest, format = excluded.format, width_px = excluded.width_px,
                              height_px = excluded.height_px, bytes = excluded.bytes, given_at = excluded.given_at""")
                .params(
                        UUID.randomUUID(),
                        applicant,
                        programme,
                        photo.digest(),
                        photo.format(),
                        photo.widthPx(),
                        photo.heightPx(),
                        photo.bytes(),
                        Timestamp.from(clock.instant()))
                .update();
    }

    /** The photo of an application that is being filled in. */
    @Transactional(readOnly = true)
    public Optional<Photo> ofDraft(UUID applicant, String programme) {
        return database.sql("select * from photo where account_id = ? and programme = ? and claim_id is null")
                .params(applicant, programme)
                .query(Photos::read)
                .optional();
    }

    /** The photo that was handed in with a claim. */
    @Transactional(readOnly = true)
    public Optional<Photo> ofClaim(UUID claim) {
        return database.sql("select * from photo where claim_id = ?")
                .param(claim)
                .query(Photos::read)
                .optional();
    }

    /** The picture itself. */
    public byte[] open(Photo photo) {
        return store.get(photo.digest());
    }

    /** The application was handed in as this claim; its photo is the claim's from now on. */
    public void handedIn(UUID applicant, String programme, UUID claim) {
        database.sql("update photo set claim_id = ? where account_id = ? and programme = ? and claim_id is null")
                .params(claim, applicant, programme)
                .update();
    }

    /** Writes into answers what is known of the photo's file; without one there is no such answer. */
    @Transactional(readOnly = true)
    public void over(ObjectNode answers, Programme<?> programme, UUID applicant) {
        programme.form().stream()
                .flatMap(form -> form.chapters().stream())
                .map(Chapter::questions)
                .flatMap(List::stream)
                .filter(question -> question.widget() == Question.Widget.PHOTO)
                .map(Question::path)
                .forEach(path -> over(answers, path, ofDraft(applicant, programme.id())));
    }

    private static void over(ObjectNode answers, String path, Optional<Photo> photo) {
        if (photo.isEmpty() || !(answers.get(path) instanceof ObjectNode said)) {
            answers.remove(path);
            return;
        }
        said.put("format", photo.get().format())
                .put("widthPx", photo.get().widthPx())
                .put("heightPx", photo.get().heightPx())
                .put("bytes", photo.get().bytes());
    }

    private static Photo read(ResultSet row, int number) throws SQLException {
        return new Photo(
                row.getString("digest"),
                row.getString("format"),
                row.getInt("width_px"),
                row.getInt("height_px"),
                row.getLong("bytes"));
    }
}
