package org.civitane.server.documents;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.Programme;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.papers.KeptFiles;
import org.civitane.server.papers.PaperStore;
import org.civitane.server.platform.Digest;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.UnguessableNumber;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What was made out: one document of a kind stands on a claim at a time, and handing it over is planned in the transaction
 * that makes it out.
 */
@Service
@Transactional
public class Documents {
    private final CertificatePdf pdf;
    private final Handovers handovers;
    private final PaperStore store;
    private final KeptFiles files;
    private final Claims claims;
    private final JdbcClient database;

    Documents(
            CertificatePdf pdf,
            Handovers handovers,
            PaperStore store,
            KeptFiles files,
            Claims claims,
            JdbcClient database) {
        this.pdf = pdf;
        this.handovers = handovers;
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

    /** A document of a claim. @throws Problem when it is none of it */
    @Transactional(readOnly = true)
    public Issued of(UUID claim, UUID id) {
        return of(claim).stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Problem.notFound(Phrase.of("document.none")));
    }

    /** @throws Problem when there is none of that id */
    @Transactional(readOnly = true)
    Issued byId(UUID id) {
        return database.sql("select * from document where id = ?")
                .param(id)
                .query(Documents::read)
                .optional()
                .orElseThrow(() -> Problem.notFound(Phrase.of("document.none")));
    }

    /** The one that stands on a claim, by its number as someone typed it. */
    @Transactional(readOnly = true)
    Optional<Issued> standingOn(String claimNumber) {
        return database.sql(
                        "select d.* from document d join claim c on c.id = d.claim_id where c.number = ? and d.replaced_by is null")
                .param(claimNumber)
                .query(Documents::read)
                .optional();
    }

    /** A document by its number, as someone typed it. */
    @Transactional(readOnly = true)
    public Optional<Issued> numbered(String typed) {
        return UnguessableNumber.typed(typed)
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

    /** What it is called, in its programme's words. */
    String titleOf(Issued document) {
        return Claims.programmeOf(claims.claim(document.claim()))
                .wording(Locale.ENGLISH)
                .text("document." + document.kind() + ".title");
    }

    byte[] open(Issued document) {
        return store.get(document.digest());
    }

    /** Makes out a document of a kind that a claim grants, unless one stands. */
    void make(Dossier dossier, String kind, LocalDate on, Instant at) {
        if (of(dossier.claim().id()).stream().noneMatch(each -> each.kind().equals(kind) && !each.replaced())) {
            issue(dossier, UUID.randomUUID(), new Made(kind, on, pdf.validUntil(dossier, on), at));
        }
    }

    /** Another in the place of one that stands, valid as long as that was. */
    void issueInPlaceOf(Issued old, Dossier dossier, LocalDate on, Instant at) {
        UUID id = UUID.randomUUID();
        database.sql("update document set replaced_by = ? where id = ?")
                .params(id, old.id())
                .update();
        issue(dossier, id, new Made(old.kind(), on, old.validUntil(), at));
    }

    /** It stands no more, and nothing in its place. */
    void revoke(Issued document, LocalDate on, String why) {
        database.sql("update document set revoked_on = ?, revoked_why = ? where id = ?")
                .params(on, why, document.id())
                .update();
    }

    private record Made(String kind, LocalDate on, LocalDate until, Instant at) {}

    private void issue(Dossier dossier, UUID id, Made made) {
        UUID claim = dossier.claim().id();
        String number = UnguessableNumber.next();
        String digest = store.put(pdf.of(dossier, made.kind(), number, made.on(), made.until()));
        files.hold(digest);
        database.sql("""
                        insert into document (id, claim_id, kind, number, digest, issued_on, valid_until, at)
                        values (?, ?, ?, ?, ?, ?, ?, ?)""")
                .params(id, claim, made.kind(), number, digest, made.on(), made.until(), Timestamp.from(made.at()))
                .update();
        claims.note(
                claim,
                Actor.part("documents.actor"),
                "issued",
                Phrase.of(
                        "history.issued", Phrase.word(dossier.run().programme().id(), "word." + made.kind())));
        handOver(dossier.settled().read(), made.on()).ifPresent(how -> handovers.plan(byId(id), how));
    }

    /** How what is made out on a day reaches whoever asked for it. */
    static <C extends CaseFile> Optional<Consequence.HandOver> handOver(CaseFiles.Read<C> read, LocalDate on) {
        Programme<C> programme = read.programme();
        return programme.handOver(read.file(), on);
    }

    private static Issued read(ResultSet row, int number) throws SQLException {
        LocalDate revoked = row.getObject("revoked_on", LocalDate.class);
        return new Issued(
                row.getObject("id", UUID.class),
                row.getObject("claim_id", UUID.class),
                row.getString("kind"),
                row.getString("number"),
                row.getString("digest"),
                row.getObject("issued_on", LocalDate.class),
                row.getObject("valid_until", LocalDate.class),
                row.getObject("replaced_by") != null,
                revoked == null
                        ? Optional.empty()
                        : Optional.of(new Issued.Revoked(revoked, row.getString("revoked_why"))));
    }
}
