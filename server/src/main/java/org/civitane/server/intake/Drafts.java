package org.civitane.server.intake;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.programme.Programme;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.access.Accounts;
import org.civitane.server.access.SignedIn;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.casework.NewClaim;
import org.civitane.server.contact.Contact;
import org.civitane.server.contact.Contacts;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
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
    private final Determinations determinations;
    private final VoluntaryStatistics statistics;
    private final Contacts contacts;
    private final Origins origins;
    private final Texts texts;
    private final AgencyClock clock;

    Drafts(
            DraftRepository drafts,
            Accounts accounts,
            Claims claims,
            Determinations determinations,
            VoluntaryStatistics statistics,
            Contacts contacts,
            Origins origins,
            Texts texts,
            AgencyClock clock) {
        this.drafts = drafts;
        this.accounts = accounts;
        this.claims = claims;
        this.determinations = determinations;
        this.statistics = statistics;
        this.contacts = contacts;
        this.origins = origins;
        this.texts = texts;
        this.clock = clock;
    }

    /**
     * What was typed to sign.
     *
     * @param last4 empty when the signer has no person number
     * @param device from which it was handed in, as a digest; empty when that is not known
     */
    public record Signing(String name, Optional<String> last4, String device) {
        /** Signing without a device that could be told again. */
        public Signing(String name, Optional<String> last4) {
            this(name, last4, "");
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
                Catalogue.find(programmeId).orElseThrow(() -> Problem.notFound(texts.say("problem.no-programme")));
        OnlineForm<?> form = programme.form().orElseThrow(() -> Problem.notFound(texts.say("problem.no-programme")));
        accounts.hold(applicant.account());
        refuseSecond(applicant.account(), programme, BusinessCalendar.received(clock.localNow()));
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
                    texts.say("problem.handed-in"),
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
        String json = JsonColumn.write(Application.own(answers, draft.programme(), texts));
        if (json.length() > LONGEST_ANSWERS) {
            throw Problem.invalid("", texts.say("problem.too-long"));
        }
        draft.save(
                json,
                chapter.length() > 40 ? "" : chapter,
                clock.instant(),
                on.save().orElse(null));
        return drafts.saveAndFlush(draft);
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
        ObjectNode said = Application.own(answers, programme, texts);
        statistics.keep(programme, said.remove("statistics"));
        Contact contact = contacts.read(
                Optional.<JsonNode>ofNullable(said.remove("contact")).orElseGet(JsonColumn::object));
        Map<String, Contact> reach = contacts.readAll(
                Optional.<JsonNode>ofNullable(said.remove("reach")).orElseGet(JsonColumn::object));
        ObjectNode file = Application.signed(said, programme, clock.localNow(), signing.name(), signing.last4());
        CaseFiles.Read<?> read = read(file);
        Determination determination = determinations.run(read).determination();
        String self = Application.applicant(said).path("id").asString("");
        check(read.programme(), determination, read.file(), self);
        refuseSecond(applicant.account(), read.programme(), determination.receivedOn());
        NewClaim claim = new NewClaim(
                read.programme(),
                applicant.account(),
                read.file(),
                JsonColumn.write(file),
                determination.dueBy(),
                determination.missing().stream().anyMatch(Drafts::isSignature),
                read.programme().isUrgent(determination));
        return claims.receive(claim, id -> {
            reach.forEach((whom, way) -> contacts.keep(id, whom, way));
            contacts.keep(id, self, contact);
            origins.keep(id, signing.device());
        });
    }

    private void refuseSecond(UUID applicant, Programme<?> programme, LocalDate receivedOn) {
        claims.claimOfSeason(applicant, programme, receivedOn).ifPresent(before -> {
            String season = before.season().orElse("");
            throw Problem.conflict(
                    "already-applied",
                    texts.say("problem.already-applied", season, before.number()),
                    Map.of("claim", before.id().toString()));
        });
    }

    private CaseFiles.Read<?> read(ObjectNode file) {
        try {
            return Application.read(file);
        } catch (BadInput e) {
            throw Problem.invalid(
                    e.pointer().isEmpty() ? "" : e.pointer().substring(1), texts.say("problem.answer", e.getMessage()));
        }
    }

    private static boolean isSignature(String missing) {
        return Lack.codeOf(missing).startsWith("signature");
    }

    /** Whoever applies signs before; others who have to sign are asked once it is handed in. */
    private void check(Programme<?> programme, Determination determination, CaseFile file, String self) {
        for (String code : determination.missing()) {
            if (isSignature(code)) {
                if (programme.lackOf(code).from() == SaidBy.CO_SIGNER
                        && !Lack.subjectOf(code).equals(self)) {
                    continue;
                }
                throw Problem.invalid(
                        "name",
                        texts.say(
                                "problem.signature",
                                file.members().getFirst().name().full()));
            }
            if (code.equals("signer-number")) {
                throw Problem.invalid("last4", texts.say("problem.last4"));
            }
            Lack lack = programme.lackOf(code);
            if (lack.beforehand()) {
                throw Problem.invalid(
                        lack.factOf(code).path(),
                        programme.wording(Locale.ENGLISH).text("missing." + lack.code() + ".beforehand"));
            }
        }
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
        return Problem.notFound(texts.say("problem.no-draft"));
    }
}
