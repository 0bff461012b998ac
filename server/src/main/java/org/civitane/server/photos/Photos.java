package org.civitane.server.photos;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.civitane.core.programme.Programme;
import org.civitane.core.question.Chapter;
import org.civitane.core.question.Question;
import org.civitane.server.papers.KeptFiles;
import org.civitane.server.papers.PaperStore;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.node.ObjectNode;

/**
 * Keeps the one photo of an application, and says of its file what the rules ask: that is this office's word, whatever a
 * browser claims. It is drawn once before it is kept, so that no document fails on it later.
 */
@Service
@Transactional
public class Photos {
    /** As a passport photo of 35 by 45 mm at 600 dots an inch, and some more. */
    public static final int MOST_BYTES = 2 * 1024 * 1024;

    /** Each way: what is larger costs too much memory to draw. */
    private static final int MOST_DOTS = 2_400;

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

    /** Takes the photo of an application that is being filled in, in place of an earlier one. @throws Problem when it is none */
    public Photo take(UUID applicant, String programme, byte[] contents) {
        Photo seen = looked(contents);
        String digest = store.put(contents);
        files.hold(digest);
        Photo photo = new Photo(digest, seen.format(), seen.widthPx(), seen.heightPx(), contents.length);
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
                        digest,
                        photo.format(),
                        photo.widthPx(),
                        photo.heightPx(),
                        photo.bytes(),
                        Timestamp.from(clock.instant()))
                .update();
        return photo;
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

    private static Photo looked(byte[] contents) {
        if (contents.length > MOST_BYTES) {
            throw Problem.invalid("photo", Phrase.of("photo.too-large"));
        }
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(contents))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (readers.hasNext()) {
                ImageReader reader = readers.next();
                try {
                    String format = reader.getFormatName().toUpperCase(Locale.ROOT);
                    reader.setInput(in, true, true);
                    int width = reader.getWidth(0);
                    int height = reader.getHeight(0);
                    if ((format.equals("JPEG") || format.equals("PNG")) && width <= MOST_DOTS && height <= MOST_DOTS) {
                        reader.read(0);
                        return new Photo("", format, width, height, contents.length);
                    }
                } finally {
                    reader.dispose();
                }
            }
        } catch (IOException | RuntimeException e) {
            throw Problem.invalid("photo", Phrase.of("photo.none"));
        }
        throw Problem.invalid("photo", Phrase.of("photo.none"));
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
