package org.civitane.server.intake;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.programme.Programme;
import org.civitane.server.access.Accounts;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Applications being filled in, and handing them in, once. */
@Service
@Transactional
public class Drafts {
    private static final int LONGEST_ANSWERS = 64 * 1024;

    private final DraftRepository drafts;
    private final Accounts accounts;
    private final Claims claims;
    private final HandingIn handingIn;
    private final AgencyClock clock;

    Drafts(DraftRepository drafts, Accounts accounts, Claims claims, HandingIn handingIn, AgencyClock clock) {
        this.drafts = drafts;
        this.accounts = accounts;
        this.claims = claims;
        this.handingIn = handingIn;
        this.clock = clock;
    }

    /**
     * What was typed to sign.
     *
     * @param last4 empty when the signer has no person number
     * @param device from which it was handed in
     */
    public record Signing(String name, Optional<String> last4, Origins.Device device) {
        /** Signing without a device that could be told again. */
        public Signing(String name, Optional<String> last4) {
            this(name, last4, Origins.Device.UNKNOWN);
        }
    }

    /** The applicant's open drafts, last saved first. */
    @Transactional(readOnly = true)
    List<Draft> open(SignedIn applicant) {
        return drafts.findOpen(applicant.account());
    }

    /**
     * The applicant's draft for a programme: the one begun before, or a new one.
     *
     * @throws Problem {@code already-applied}, with the claim's id, when the household has applied for this season
     */
    Draft begin(SignedIn applicant, String programmeId) {
        Programme<?> programme =
                Catalogue.find(programmeId).orElseThrow(() -> Problem.notFound(Phrase.of("problem.no-programme")));
        OnlineForm<?> form = programme.form().orElseThrow(() -> Problem.notFound(Phrase.of("problem.no-programme")));
        accounts.hold(applicant.account());
        handingIn.refuseSecond(applicant.account(), programme, BusinessCalendar.received(clock.localNow()));
        return drafts.findOpen(applicant.account()).stream()
                .filter(draft -> draft.programme().equals(programmeId))
                .findFirst()
                .orElseGet(() -> drafts.saveAndFlush(new Draft(
                        UUID.randomUUID(),
                        applicant.account(),
                        programmeId,
                        JsonColumn.write(firstAnswers(applicant)),
                        form.chapters().getFirst().id(),
                        clock.instant())));
    }

    /** A draft of this applicant; another's looks as if it were not there. */
    @Transactional(readOnly = true)
    Draft draft(SignedIn applicant, UUID id) {
        return drafts.findById(id)
                .filter(draft -> draft.accountId().equals(applicant.account()))
                .orElseThrow(this::noSuchDraft);
    }

    /**
     * What answers were made on.
     *
     * @param version the version of the draft that was last heard of
     * @param save names this save; sent again it is the same
     * @param unanswered earlier saves that were sent and of which nothing came back, so that they may have arrived
     */
    record MadeOn(int version, Optional<String> save, Set<String> unanswered) {}

    /**
     * Saves all answers so far.
     *
     * @param on what the answers were made on; when the draft has gone on since, they are refused, and nothing of either
     *     is lost
     */
    Draft save(SignedIn applicant, UUID id, MadeOn on, JsonNode answers, String chapter) {
        Draft draft = draft(applicant, id);
        if (draft.claim().isPresent()) {
            throw Problem.conflict(
                    "handed-in",
                    Phrase.of("problem.handed-in"),
                    Map.of("claim", draft.claim().orElseThrow().toString()));
        }
        if (draft.version() != on.version()) {
            if (draft.lastSave().isPresent() && draft.lastSave().equals(on.save())) {
                return draft;
            }
            if (draft.lastSave().filter(on.unanswered()::contains).isEmpty()) {
                throw new ObjectOptimisticLockingFailureException(Draft.class, id);
            }
        }
        draft.save(
                JsonColumn.write(bounded(draft, answers)),
                chapter.length() > 40 ? "" : chapter,
                clock.instant(),
                on.save().orElse(null));
        return drafts.saveAndFlush(draft);
    }

    /** Answers as a draft may have them. @throws Problem when they are too long, or not the applicant's to say */
    ObjectNode bounded(Draft draft, JsonNode answers) {
        ObjectNode own = Application.own(answers, draft.programme());
        if (JsonColumn.write(own).length() > LONGEST_ANSWERS) {
            throw Problem.invalid("", Phrase.of("problem.too-long"));
        }
        return own;
    }

    /**
     * Hands a draft in. Handing in again, from another tab or by a second click, gives the same claim.
     *
     * @throws Problem at the fact that keeps it from being handed in
     */
    public ClaimView handIn(SignedIn applicant, UUID id, Signing signing) {
        Draft draft = drafts.findAndHold(id)
                .filter(held -> held.accountId().equals(applicant.account()))
                .orElseThrow(this::noSuchDraft);
        if (draft.claim().isPresent()) {
            return claims.claim(draft.claim().get());
        }
        ClaimView claim = handInAnswers(applicant, draft.programme(), JsonColumn.readObject(draft.answers()), signing);
        draft.handedInAs(claim.id());
        return claim;
    }

    /** Hands in answers that are no draft. @throws Problem as {@link #handIn} */
    public ClaimView handInAnswers(SignedIn applicant, String programme, ObjectNode answers, Signing signing) {
        return handingIn.handIn(applicant, programme, answers, signing);
    }

    /** The applicant stands in their own household from the start. */
    private static ObjectNode firstAnswers(SignedIn applicant) {
        String name = applicant.displayName();
        int space = name.lastIndexOf(' ');
        ObjectNode answers = JsonColumn.object();
        answers.putArray("members")
                .addObject()
                .put("id", "m1")
                .put("givenName", space < 0 ? name : name.substring(0, space))
                .put("familyName", space < 0 ? "" : name.substring(space + 1))
                .put("relationship", "SELF");
        return answers;
    }

    private Problem noSuchDraft() {
        return Problem.notFound(Phrase.of("problem.no-draft"));
    }
}
