package org.civitane.server.papers;

import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.papers.looking.Looking;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes papers in, shows them, and keeps what a caseworker says about them. */
@Service
public class Papers {
    private final PaperTaking taking;
    private final PaperTable table;
    private final PaperStore store;
    private final Looking looking;
    private final Claims claims;
    private final Readings readings;
    private final ApplicationEventPublisher events;

    Papers(
            PaperTaking taking,
            PaperTable table,
            PaperStore store,
            Looking looking,
            Claims claims,
            Readings readings,
            ApplicationEventPublisher events) {
        this.taking = taking;
        this.table = table;
        this.store = store;
        this.looking = looking;
        this.claims = claims;
        this.readings = readings;
        this.events = events;
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
        return taking.take(claim, contents, kind, subject, name, who);
    }

    /**
     * Takes a paper in that says by the square code on its first page which claim it belongs to.
     *
     * @param claimOf the claim that a code leads to
     * @throws Problem {@code no-code} when no code is seen or it leads nowhere, and as {@link #take}
     */
    public Paper takeByCode(
            InputStream contents, String name, SignedIn who, Function<String, Optional<ClaimView>> claimOf) {
        return taking.takeByCode(contents, name, who, claimOf);
    }

    /** All papers of a claim, as they came. */
    @Transactional(readOnly = true)
    public List<Paper> of(UUID claim) {
        return table.of(claim);
    }

    /** A page, from 1, as a PNG. @throws Problem when the claim has no such paper or the paper no such page */
    public byte[] picture(UUID claim, UUID id, int page) {
        return new PaperFile(store.file(table.paper(claim, id).digest()), claim.toString(), looking).picture(page);
    }

    /**
     * A caseworker says that a paper shows what it should, with what was read of it, or sends it back with a reason. Said
     * again, nothing changes.
     *
     * @throws Problem {@code being-read} when it is accepted before it was read: nobody could have seen what was read
     */
    @Transactional
    public Paper judge(ClaimView claim, UUID id, Optional<String> sentBackBecause, SignedIn who) {
        Paper paper = table.paper(claim.id(), id);
        if (sentBackBecause.filter(String::isBlank).isPresent()) {
            throw Problem.invalid("reason", Phrase.of("problem.reason"));
        }
        Paper.State state = sentBackBecause.isPresent() ? Paper.State.SENT_BACK : Paper.State.ACCEPTED;
        if (paper.state() == state && paper.reason().equals(sentBackBecause.orElse(""))) {
            return paper;
        }
        table.judge(id, state, sentBackBecause.orElse(""));
        if (state == Paper.State.ACCEPTED) {
            readings.confirm(claim, id, who);
        }
        claims.note(claim.id(), Actor.of(who), "paper-judged", Phrase.of("history.paper." + state, paper.name()));
        events.publishEvent(new PapersChanged(claim.id()));
        claims.touch(claim.id());
        return table.paper(claim.id(), id);
    }

    /** A caseworker says what a paper is, and whose, where whoever sent it said otherwise. */
    @Transactional
    public Paper name(ClaimView claim, UUID id, String kind, String subject, SignedIn who) {
        Paper paper = table.paper(claim.id(), id);
        if (paper.kind().equals(kind) && paper.subject().equals(subject)) {
            return paper;
        }
        table.name(id, kind, subject);
        claims.note(claim.id(), Actor.of(who), "paper-named", Phrase.of("history.paper-named", paper.name()));
        events.publishEvent(new PapersChanged(claim.id()));
        claims.touch(claim.id());
        return table.paper(claim.id(), id);
    }
}
