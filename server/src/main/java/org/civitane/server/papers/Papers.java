package org.civitane.server.papers;

import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.civitane.core.evidence.PaperKind;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes papers in, shows them, and keeps what a caseworker says about them. */
@Service
public class Papers {
    /** The most bytes of one file. */
    public static final long LARGEST = PaperFile.LARGEST;

    private final PaperTaking taking;
    private final PaperTable table;
    private final PageViews views;
    private final Claims claims;
    private final Readings readings;
    private final ApplicationEventPublisher events;

    Papers(
            PaperTaking taking,
            PaperTable table,
            PageViews views,
            Claims claims,
            Readings readings,
            ApplicationEventPublisher events) {
        this.taking = taking;
        this.table = table;
        this.views = views;
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
        return taking.take(claim, contents, new PaperTaking.As(kind, subject, name), who);
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

    /**
     * One side of a document that is to show who someone is.
     *
     * @param documentType which document it is, in the rulebook's word
     * @param subject whose it is
     * @param backOf the paper whose other side it is
     */
    public record Side(String documentType, PaperKind kind, String subject, Optional<UUID> backOf) {}

    /**
     * Takes a side of a document in that is handed in only later, with {@link #handIn}; until then only whoever sends it
     * sees it, also after leaving.
     *
     * @throws Problem as {@link #take}; {@code already-here} when the claim has the same picture, {@code enough-of-these}
     *     when there are as many of its category as may be sent
     */
    public Paper begin(ClaimView claim, InputStream contents, Side side, String name, SignedIn who) {
        return taking.take(
                claim,
                contents,
                new PaperTaking.As(side.kind().code(), side.subject(), name, true, side.documentType(), side.backOf()),
                who);
    }

    /** What was begun and not handed in, as it came. */
    @Transactional(readOnly = true)
    public List<Paper> begun(UUID claim) {
        return table.begun(claim);
    }

    /** Takes one side, or with its front also its back, back. @throws Problem when it is not begun */
    @Transactional
    public void takeBack(UUID claim, UUID id) {
        table.takeBack(begunPaper(claim, id));
    }

    /** Says why a document is sent although something is wrong with it. @throws Problem when it is not begun */
    @Transactional
    public void remark(UUID claim, UUID id, String remark) {
        table.remark(begunPaper(claim, id), remark.strip());
    }

    private UUID begunPaper(UUID claim, UUID id) {
        claims.hold(claim);
        return begun(claim).stream()
                .map(Paper::id)
                .filter(id::equals)
                .findFirst()
                .orElseThrow(() -> Problem.conflict("handed-in", Phrase.of("identity.handed-in")));
    }

    /** Everything that was begun is with the claim from now on. @return what that was */
    @Transactional
    public List<Paper> handIn(UUID claim, Actor by) {
        List<Paper> begun = table.begun(claim);
        if (!begun.isEmpty()) {
            table.handIn(claim);
            begun.forEach(paper -> claims.note(claim, by, "paper-received", Phrase.of("history.paper", paper.name())));
            events.publishEvent(new PapersChanged(claim));
            claims.touch(claim);
        }
        return begun;
    }

    /** Says where on a paper is what it was sent back for. */
    @Transactional
    public void faultAt(UUID claim, UUID id, ShownValue.Box place) {
        table.faultAt(table.paper(claim, id).id(), place);
    }

    /** All papers of a claim that were handed in, as they came. */
    @Transactional(readOnly = true)
    public List<Paper> of(UUID claim) {
        return table.of(claim);
    }

    /**
     * A page, from 1, of a paper that was handed in, as a person is shown it.
     *
     * @throws Problem when the claim has no such paper or the paper no such page
     */
    public PageView picture(UUID claim, UUID id, int page) {
        Paper paper = table.paper(claim, id);
        if (paper.state() == Paper.State.BEGUN) {
            throw Problem.notFound(Phrase.of("paper.none"));
        }
        return views.of(paper, page);
    }

    /** The same for whoever sent the paper, who sees it also before it is handed in. */
    public PageView ownPicture(UUID claim, UUID id, int page) {
        return views.of(table.paper(claim, id), page);
    }

    /**
     * A caseworker says that a paper, with its other side, shows what it should and what was read of it, or sends it back
     * with a reason. Said
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
        List<UUID> sides = Stream.concat(
                        Stream.of(id),
                        table.of(claim.id()).stream()
                                .filter(each -> each.backOf().filter(id::equals).isPresent())
                                .map(Paper::id))
                .toList();
        for (UUID side : sides) {
            table.judge(side, state, sentBackBecause.orElse(""));
            if (state == Paper.State.ACCEPTED) {
                readings.confirm(claim, side, who);
            }
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
