package org.civitane.server.papers;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.civitane.core.claim.Act;
import org.civitane.core.evidence.PaperKind;
import org.civitane.server.access.SignedIn;
import org.civitane.server.casework.Actor;
import org.civitane.server.casework.ClaimActs;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.casework.History;
import org.civitane.server.papers.looking.Looking;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.util.unit.DataSize;

/** Takes papers in, shows them, and keeps what a caseworker says about them. */
@Service
public class Papers {
    private static final int LONGEST_NAME = 120;

    private final PaperStore store;
    private final JdbcClient database;
    private final Claims claims;
    private final ClaimActs acts;
    private final Readings readings;
    private final Looking looking;
    private final PaperRoom room;
    private final KeptFiles kept;
    private final History history;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transaction;
    private final AgencyClock clock;
    private final Texts texts;
    /** What is kept free for letters, which must not fail for others' papers. */
    private final DataSize reserve;

    Papers(
            PaperStore store,
            JdbcClient database,
            Claims claims,
            ClaimActs acts,
            Readings readings,
            Looking looking,
            PaperRoom room,
            KeptFiles kept,
            @Value("${civitane.store-reserve}") DataSize reserve,
            History history,
            ApplicationEventPublisher events,
            TransactionTemplate transaction,
            AgencyClock clock,
            Texts texts) {
        this.store = store;
        this.database = database;
        this.claims = claims;
        this.acts = acts;
        this.readings = readings;
        this.looking = looking;
        this.room = room;
        this.kept = kept;
        this.reserve = reserve;
        this.history = history;
        this.events = events;
        this.transaction = transaction;
        this.clock = clock;
        this.texts = texts;
    }

    /**
     * Takes a paper in. The file is looked at and on the disk before the claim knows of it; the same file again is the
     * same paper.
     *
     * @param kind what it is, in the word of the need it answers
     * @param subject the member it is about; empty for the household
     * @param name as the file was called; only ever shown, and shortened
     * @throws Problem with one sentence when the file cannot be a paper
     */
    public Paper take(ClaimView claim, InputStream contents, String kind, String subject, String name, SignedIn who) {
        acts.check(claim, Act.ANSWER);
        room.check(claim.id(), 0);
        try (PaperStore.Arrival arrival = store.receive(contents, PaperFile.LARGEST, reserve.toBytes())) {
            PaperFile file = new PaperFile(arrival.file(), who.account().toString(), looking, texts);
            return take(claim, arrival, file, new As(kind, subject, name), who);
        }
    }

    /**
     * Takes a paper in that says by the square code on its first page which claim it belongs to.
     *
     * @param claimOf the claim that a code leads to
     * @throws Problem {@code no-code} when no code is seen or it leads nowhere, and as {@link #take}
     */
    public Paper takeByCode(
            InputStream contents, String name, SignedIn who, Function<String, Optional<ClaimView>> claimOf) {
        try (PaperStore.Arrival arrival = store.receive(contents, PaperFile.LARGEST, reserve.toBytes())) {
            PaperFile file = new PaperFile(arrival.file(), who.account().toString(), looking, texts);
            ClaimView claim = file.code()
                    .flatMap(claimOf)
                    .orElseThrow(() -> Problem.conflict("no-code", texts.say("paper.no-code")));
            acts.check(claim, Act.ANSWER);
            return take(claim, arrival, file, new As(PaperKind.OTHER.code(), "", name), who);
        }
    }

    /** As what a paper is taken. */
    private record As(String kind, String subject, String name) {}

    private Paper take(ClaimView claim, PaperStore.Arrival arrival, PaperFile file, As as, SignedIn who) {
        room.check(claim.id(), arrival.bytes());
        int pages = file.pages();
        String digest = file.bare().map(store::put).orElseGet(arrival::keep);
        Paper paper = new Paper(
                UUID.randomUUID(),
                claim.id(),
                digest,
                as.kind(),
                as.subject(),
                shortened(as.name()),
                file.mediaType(),
                pages,
                Paper.State.RECEIVED,
                "",
                who.displayName(),
                clock.instant());
        return transaction.execute(status -> record(paper, arrival, who));
    }

    /**
     * Holds the claim first, so that of many papers that come at once each finds it as the one before left it, and none
     * comes to a claim that was decided while the paper was on its way.
     */
    private Paper record(Paper paper, PaperStore.Arrival arrival, SignedIn who) {
        claims.hold(paper.claim());
        acts.check(claims.claim(paper.claim()), Act.ANSWER);
        room.check(paper.claim(), arrival.bytes());
        kept.hold(paper.digest());
        int added = database.sql("""
                        insert into paper (id, claim_id, digest, came_as, kind, subject, name, media_type, bytes, pages, state, given_by, given_at)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 'RECEIVED', ?, ?) on conflict (claim_id, digest) do nothing""")
                .params(
                        paper.id(),
                        paper.claim(),
                        paper.digest(),
                        arrival.digest(),
                        paper.kind(),
                        paper.subject(),
                        paper.name(),
                        paper.mediaType(),
                        arrival.bytes(),
                        paper.pages(),
                        paper.givenBy(),
                        Timestamp.from(paper.givenAt()))
                .update();
        if (added > 0) {
            readings.toBeRead(paper.id());
            history.add(paper.claim(), Actor.of(who), "paper-received", Phrase.of("history.paper", paper.name()));
            events.publishEvent(new PapersChanged(paper.claim()));
            claims.touch(paper.claim());
        }
        return of(paper.claim()).stream()
                .filter(each -> each.digest().equals(paper.digest()))
                .findFirst()
                .orElseThrow();
    }

    /** All papers of a claim, as they came. */
    @Transactional(readOnly = true)
    public List<Paper> of(UUID claim) {
        return database.sql("select * from paper where claim_id = ? order by given_at, id")
                .param(claim)
                .query(Papers::row)
                .list();
    }

    /** A page, from 1, as a PNG. @throws Problem when the claim has no such paper or the paper no such page */
    public byte[] picture(UUID claim, UUID id, int page) {
        return new PaperFile(store.file(paper(claim, id).digest()), claim.toString(), looking, texts).picture(page);
    }

    /**
     * A caseworker says that a paper shows what it should, with what was read of it, or sends it back with a reason. Said
     * again, nothing changes.
     *
     * @throws Problem {@code being-read} when it is accepted before it was read: nobody could have seen what was read
     */
    @Transactional
    public Paper judge(ClaimView claim, UUID id, Optional<String> sentBackBecause, SignedIn who) {
        Paper paper = paper(claim.id(), id);
        if (sentBackBecause.filter(String::isBlank).isPresent()) {
            throw Problem.invalid("reason", texts.say("problem.reason"));
        }
        Paper.State state = sentBackBecause.isPresent() ? Paper.State.SENT_BACK : Paper.State.ACCEPTED;
        if (paper.state() == state && paper.reason().equals(sentBackBecause.orElse(""))) {
            return paper;
        }
        database.sql("update paper set state = ?, reason = ? where id = ?")
                .params(state.name(), sentBackBecause.orElse(""), id)
                .update();
        if (state == Paper.State.ACCEPTED) {
            readings.confirm(claim, id, who);
        }
        history.add(claim.id(), Actor.of(who), "paper-judged", Phrase.of("history.paper." + state, paper.name()));
        events.publishEvent(new PapersChanged(claim.id()));
        claims.touch(claim.id());
        return paper(claim.id(), id);
    }

    /** A caseworker says what a paper is, and whose, where whoever sent it said otherwise. */
    @Transactional
    public Paper name(ClaimView claim, UUID id, String kind, String subject, SignedIn who) {
        Paper paper = paper(claim.id(), id);
        if (paper.kind().equals(kind) && paper.subject().equals(subject)) {
            return paper;
        }
        database.sql("update paper set kind = ?, subject = ? where id = ?")
                .params(kind, subject, id)
                .update();
        history.add(claim.id(), Actor.of(who), "paper-named", Phrase.of("history.paper-named", paper.name()));
        events.publishEvent(new PapersChanged(claim.id()));
        claims.touch(claim.id());
        return paper(claim.id(), id);
    }

    private Paper paper(UUID claim, UUID id) {
        return database.sql("select * from paper where claim_id = ? and id = ?")
                .params(claim, id)
                .query(Papers::row)
                .optional()
                .orElseThrow(() -> Problem.notFound(texts.say("paper.none")));
    }

    /** A name without anything that is no letter, digit or plain sign, and no longer than one line. */
    private static String shortened(String name) {
        String plain = new String(name.getBytes(StandardCharsets.UTF_8), StandardCharsets.UTF_8)
                .replaceAll("[\\p{Cntrl}\\p{Cs}\\p{Cf}\\p{Cn}/\\\\]", " ")
                .strip();
        String shown = plain.isEmpty() ? "-" : plain;
        return shown.length() <= LONGEST_NAME ? shown : shown.substring(0, LONGEST_NAME);
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
