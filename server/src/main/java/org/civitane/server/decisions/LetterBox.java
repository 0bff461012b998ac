package org.civitane.server.decisions;

import java.sql.Timestamp;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.programme.Outsider;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.papers.KeptFiles;
import org.civitane.server.papers.PaperStore;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Pdf;
import org.civitane.server.platform.Phrase;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Letters as they go out, kept for good. */
@Component
public class LetterBox {
    private final Letters letters;
    private final PaperStore store;
    private final KeptFiles files;
    private final JdbcClient database;
    private final AgencyClock clock;

    LetterBox(Letters letters, PaperStore store, KeptFiles files, JdbcClient database, AgencyClock clock) {
        this.letters = letters;
        this.store = store;
        this.files = files;
        this.database = database;
        this.clock = clock;
    }

    /** A letter as it would go out, as PDF; nothing is kept. */
    byte[] preview(ClaimView claim, Run run, Decision.Kind kind, Phrase reason, Phrase by) {
        return letters.pdf(claim, run, kind, reason, by);
    }

    /** The same as HTML: what stands in the page that the PDF is made from. */
    String previewText(ClaimView claim, Run run, Decision.Kind kind, Phrase reason, Phrase by) {
        return Pdf.bodyOf(letters.html(claim, run, kind, reason, by));
    }

    /** Writes a letter and keeps it, as PDF and as page; part of the transaction that names it. @return its digest */
    String post(ClaimView claim, Run run, Decision.Kind kind, Phrase reason, Phrase by) {
        String page = letters.html(claim, run, kind, reason, by);
        String letter = store.put(letters.set(page));
        files.hold(letter);
        database.sql("insert into letter_page (letter, page) values (?, ?) on conflict do nothing")
                .params(letter, Pdf.bodyOf(page))
                .update();
        return letter;
    }

    /** What stands in a letter, as HTML; empty for one that went out before pages were kept. @param letter its digest */
    Optional<String> pageOf(String letter) {
        return database.sql("select page from letter_page where letter = ?")
                .param(letter)
                .query(String.class)
                .optional();
    }

    /**
     * Writes and keeps a letter to everyone outside the household who was asked and whom the outcome concerns, each with
     * what is theirs; part of the deciding transaction.
     */
    void postToOthers(Dossier dossier) {
        Run run = dossier.run();
        for (Outsider outsider : run.programme().outsiders()) {
            boolean asked = dossier.asks().stream().anyMatch(ask -> ask.whom().equals(outsider.code()));
            if (asked) {
                letters.toOther(dossier, outsider).ifPresent(pdf -> {
                    String digest = store.put(pdf);
                    files.hold(digest);
                    database.sql(
                                    "insert into letter_to_other (claim_id, whom, name, letter, at) values (?, ?, ?, ?, ?) on conflict do nothing")
                            .params(
                                    dossier.claim().id(),
                                    outsider.code(),
                                    Letters.nameOf(dossier, outsider),
                                    digest,
                                    Timestamp.from(clock.instant()))
                            .update();
                });
            }
        }
    }

    /** To whom else a decision was told. @param whom names them to the server */
    public record ToOther(String whom, String name) {}

    List<ToOther> toOthers(UUID claim) {
        return database.sql("select whom, name from letter_to_other where claim_id = ? order by whom")
                .param(claim)
                .query((row, number) -> new ToOther(row.getString(1), row.getString(2)))
                .list();
    }

    /** The letter to one of them, as PDF. */
    Optional<byte[]> toOther(UUID claim, String whom) {
        return database.sql("select letter from letter_to_other where claim_id = ? and whom = ?")
                .params(claim, whom)
                .query(String.class)
                .optional()
                .map(this::open);
    }

    /** @param letter its digest */
    byte[] open(String letter) {
        return store.get(letter);
    }
}
