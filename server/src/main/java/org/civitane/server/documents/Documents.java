package org.civitane.server.documents;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.Programme;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.Claims;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.fees.FeePaid;
import org.civitane.server.following.FollowUps;
import org.civitane.server.papers.KeptFiles;
import org.civitane.server.papers.PaperStore;
import org.civitane.server.platform.Digest;
import org.civitane.server.platform.Phrase;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Makes out what a decision grants once its fee is paid, in the transaction that books it: one document of a kind stands
 * at a time. Handing it over is planned with it.
 */
@Service
@Transactional
public class Documents {
    private final CertificatePdf pdf;
    private final Dossiers dossiers;
    private final FollowUps followUps;
    private final PaperStore store;
    private final KeptFiles files;
    private final Claims claims;
    private final JdbcClient database;

    Documents(
            CertificatePdf pdf,
            Dossiers dossiers,
            FollowUps followUps,
            PaperStore store,
            KeptFiles files,
            Claims claims,
            JdbcClient database) {
        this.pdf = pdf;
        this.dossiers = dossiers;
        this.followUps = followUps;
        this.store = store;
        this.files = files;
        this.claims = claims;
        this.database = database;
    }

    /** What was made out on a claim, the newest first. */
    @Transactional(readOnly = true)
    public List<Issued> of(UUID claim) {
        return database.sql("select * from document where claim_id = ? order by at desc")
                .param(claim)
                .query(Documents::read)
                .list();
    }

    /** A document by its number, as someone typed it. */
    @Transactional(readOnly = true)
    public Optional<Issued> numbered(String typed) {
        return DocumentNumber.typed(typed)
                .flatMap(number -> database.sql("select * from document where number = ?")
                        .param(number)
                        .query(Documents::read)
                        .optional());
    }

    /** The document that a file is, byte for byte; nothing for one that was changed in any way, or is not from here. */
    @Transactional(readOnly = true)
    public Optional<Issued> unchanged(byte[] file) {
        return database.sql("select * from document where digest = ?")
                .param(Digest.of(file))
                .query(Documents::read)
                .optional();
    }

    byte[] open(Issued document) {
        return store.get(document.digest());
    }

    @EventListener
    void paid(FeePaid event) {
        Dossier dossier = dossiers.of(event.claim());
        Run run = dossier.run();
        run.programme().consequences(run.determination(), event.on()).stream()
                .filter(Consequence.Charge.class::isInstance)
                .flatMap(charge -> ((Consequence.Charge) charge).then().stream())
                .filter(Consequence.Issue.class::isInstance)
                .forEach(issue -> issue(dossier, ((Consequence.Issue) issue).document(), event));
    }

    private void issue(Dossier dossier, String kind, FeePaid paid) {
        LocalDate today = paid.on();
        UUID claim = dossier.claim().id();
        if (of(claim).stream().anyMatch(each -> each.kind().equals(kind) && !each.replaced())) {
            return;
        }
        String number = DocumentNumber.next();
        LocalDate until = pdf.validUntil(dossier, today);
        String digest = store.put(pdf.of(dossier, kind, number, today, until));
        files.hold(digest);
        database.sql("""
                        insert into document (id, claim_id, kind, number, digest, issued_on, valid_until, at)
                        values (?, ?, ?, ?, ?, ?, ?, ?)""")
                .params(UUID.randomUUID(), claim, kind, number, digest, today, until, Timestamp.from(paid.at()))
                .update();
        claims.note(
                claim,
                Actor.part("documents.actor"),
                "issued",
                Phrase.of(
                        "history.issued", Phrase.word(dossier.run().programme().id(), "word." + kind)));
        handOver(dossier.settled().read(), today)
                .ifPresent(handOver -> followUps.plan(claim, runOf(claim), List.of(handOver)));
    }

    /** How what is made out on a day reaches whoever asked for it. */
    static <C extends CaseFile> Optional<Consequence.HandOver> handOver(CaseFiles.Read<C> read, LocalDate on) {
        Programme<C> programme = read.programme();
        return programme.handOver(read.file(), on);
    }

    private UUID runOf(UUID claim) {
        return database.sql("select run_id from decision where claim_id = ?")
                .param(claim)
                .query(UUID.class)
                .single();
    }

    private static Issued read(ResultSet row, int number) throws SQLException {
        return new Issued(
                row.getObject("id", UUID.class),
                row.getObject("claim_id", UUID.class),
                row.getString("kind"),
                row.getString("number"),
                row.getString("digest"),
                row.getObject("issued_on", LocalDate.class),
                row.getObject("valid_until", LocalDate.class),
                row.getObject("replaced_by") != null);
    }
}
