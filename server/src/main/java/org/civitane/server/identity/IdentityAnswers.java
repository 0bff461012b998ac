package org.civitane.server.identity;

import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.identity.DocumentType;
import org.civitane.core.person.Names;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.AskLapsed;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.doubts.Doubts;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Papers;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What people do when they are to show who they are. Documents are with the claim once they are handed in, or when the
 * day has passed, so that nothing that was begun is lost.
 */
@Service
public class IdentityAnswers {
    /** What bridges a former name: sent beside the documents, and looked at by a caseworker. */
    static final String NAME_DEED = "NAME_DEED";

    private static final String PHONE = "\\+[1-9][0-9]{5,14}";

    private final IdentityAnswerStore store;
    private final Occasions occasions;
    private final Papers papers;
    private final Doubts doubts;
    private final Claims claims;
    private final ClaimActs acts;
    private final AgencyClock clock;

    IdentityAnswers(
            IdentityAnswerStore store,
            Occasions occasions,
            Papers papers,
            Doubts doubts,
            Claims claims,
            ClaimActs acts,
            AgencyClock clock) {
        this.store = store;
        this.occasions = occasions;
        this.papers = papers;
        this.doubts = doubts;
        this.claims = claims;
        this.acts = acts;
        this.clock = clock;
    }

    /** What they hand in with. @param phone where they may be asked back; empty to give none */
    public record Signature(String name, String phone, boolean mayCall) {}

    /** They say that they filed the claim; that is not handed in yet. */
    @Transactional
    public void filedIt(SignedIn person, UUID id) {
        say(person, id, IdentityAnswer.Filed.YES);
    }

    /** Whether they filed the claim, or are not sure; that is not handed in yet. */
    @Transactional
    void say(SignedIn person, UUID id, IdentityAnswer.Filed filed) {
        acts.byApplicant(id, person, Act.ANSWER, claim -> {
            IdentityAnswer answer = open(claim);
            if (answer.filed() != filed) {
                store.filed(answer.id(), filed);
                if (filed == IdentityAnswer.Filed.NOT_SURE) {
                    claims.note(id, Actor.of(person), "doubt-unsure", Phrase.of("history.not-sure"));
                    claims.touch(id);
                }
            }
            return claim;
        });
    }

    /** "This was not me": needs nothing else, and can be taken back only with a person. */
    @Transactional
    public void disown(SignedIn person, UUID id) {
        doubts.disown(person, id);
    }

    /**
     * Takes one side of a document in.
     *
     * @param documentType in the rulebook's word, or {@link #NAME_DEED}
     * @throws Problem as {@link Papers#begin}, and when nothing is asked
     */
    public Paper add(
            SignedIn person, UUID id, String documentType, Optional<UUID> backOf, String name, InputStream contents) {
        ClaimView claim = claims.claimOf(person, id);
        begun(person, id);
        Papers.Side side = new Papers.Side(documentType, kindOf(documentType), claims.applicantMember(claim), backOf);
        return papers.begin(claim, contents, side, name, person);
    }

    /** Something is about to be sent. @throws Problem when nothing is asked */
    @Transactional
    public void begun(SignedIn person, UUID id) {
        acts.byApplicant(id, person, Act.ANSWER, this::open);
    }

    /** Which kind of paper a document is. @throws Problem when it counts for nothing */
    static PaperKind kindOf(String documentType) {
        if (documentType.equals(NAME_DEED)) {
            return PaperKind.OTHER;
        }
        return switch (DocumentType.named(documentType).category()) {
            case PHOTO -> PaperKind.IDENTITY;
            case SECOND -> PaperKind.SECOND_DOCUMENT;
            case NONE -> throw Problem.invalid("documentType", Phrase.of("identity.no-such-document"));
        };
    }

    /** Takes a document back that was not handed in yet. */
    @Transactional
    public void takeBack(SignedIn person, UUID id, UUID paper) {
        papers.takeBack(claims.claimOf(person, id).id(), paper);
    }

    /** Says why a document is sent as it is. */
    @Transactional
    public void remark(SignedIn person, UUID id, UUID paper, String why) {
        papers.remark(claims.claimOf(person, id).id(), paper, why);
    }

    /**
     * Hands in what was begun, once: the second time finds it handed in.
     *
     * @throws Problem {@code filed} when they were asked and did not say that they filed the claim; at {@code name} when
     *     it is signed by another name (rulebook 0.6); at {@code phone} when it is no number
     */
    @Transactional
    public void handIn(SignedIn person, UUID id, Signature signature) {
        claims.hold(id);
        Occasions.Occasion occasion = occasions.of(claims.claimOf(person, id));
        if (!occasion.isAsked()
                && occasion.newest().flatMap(IdentityAnswer::handedIn).isPresent()) {
            return;
        }
        acts.byApplicant(id, person, Act.ANSWER, claim -> {
            IdentityAnswer answer = open(claim);
            check(claim, answer, signature);
            List<Paper> sent = papers.handIn(id, Actor.of(person));
            IdentityAnswer signed = new IdentityAnswer(
                    answer.id(),
                    id,
                    answer.round(),
                    answer.filed(),
                    signature.phone(),
                    signature.mayCall(),
                    Optional.empty());
            String number = store.handIn(
                    signed,
                    new IdentityAnswer.HandedIn(
                            clock.instant(), "", signature.name().strip(), listed(sent)),
                    clock.today());
            claims.note(id, Actor.of(person), "identity-handed-in", Phrase.of("history.identity-handed-in", number));
            doubts.handedIn(person, id);
            claims.touch(id);
            return claim;
        });
    }

    private void check(ClaimView claim, IdentityAnswer answer, Signature signature) {
        Occasions.Occasion asked = occasions.of(claim);
        if (asked.asksWhetherFiled() && answer.filed() != IdentityAnswer.Filed.YES) {
            throw Problem.conflict("filed", Phrase.of("identity.say-filed"));
        }
        String name = asked.dossier().applicant().name().full();
        if (Names.compare(signature.name(), name) != Names.Verdict.MATCH) {
            throw Problem.invalid("name", Phrase.of("problem.signature", name));
        }
        if (!signature.phone().isEmpty() && !signature.phone().matches(PHONE)) {
            throw Problem.invalid("phone", Phrase.of("contact.bad.phone"));
        }
    }

    private static List<IdentityAnswer.SentDocument> listed(List<Paper> sent) {
        return sent.stream()
                .filter(paper -> paper.backOf().isEmpty())
                .map(paper -> new IdentityAnswer.SentDocument(
                        paper.documentType(),
                        paper.name(),
                        1
                                + (int) sent.stream()
                                        .filter(each -> each.backOf()
                                                .filter(paper.id()::equals)
                                                .isPresent())
                                        .count()))
                .toList();
    }

    /** The answer that is open; begun by the first thing that is said or sent. @throws Problem when nothing is asked */
    private IdentityAnswer open(ClaimView claim) {
        Occasions.Occasion occasion = occasions.of(claim);
        if (!occasion.isAsked()) {
            throw Problem.conflict("nothing-asked", Phrase.of("identity.nothing-asked"));
        }
        Optional<IdentityAnswer> newest = occasion.newest();
        return newest.filter(answer -> answer.handedIn().isEmpty())
                .orElseGet(() -> store.begin(
                        claim.id(),
                        newest.map(IdentityAnswer::round).orElse(0) + 1,
                        newest.map(IdentityAnswer::filed).orElse(IdentityAnswer.Filed.UNSAID),
                        clock.instant()));
    }

    /** Nobody handed it in: what was begun is looked at all the same. */
    @EventListener
    void lapsed(AskLapsed event) {
        if (event.ask().kind() == Ask.Kind.DOUBT) {
            papers.handIn(event.ask().claim(), Actor.CALENDAR);
        }
    }
}
