package org.civitane.server.changes;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.claim.Act;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.question.PaintedDays;
import org.civitane.core.question.Question;
import org.civitane.core.reasoning.FactPath;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.exchange.casefile.WhoseWord;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.determinations.Plan;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.forms.Asked;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.settlements.Settlements;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The days of a claim, for the applicant whose it is: as they said them, as they would be, and said anew in a new
 * edition. What a register holds on them is left out of the figures, since that is for the decision to tell.
 */
@Service
@Transactional
class DayChanges {
    private static final int LONGEST_ANSWERS = 64 * 1024;

    private final ClaimActs acts;
    private final Claims claims;
    private final Dossiers dossiers;
    private final Determinations determinations;
    private final Settlements settlements;
    private final AgencyClock clock;

    DayChanges(
            ClaimActs acts,
            Claims claims,
            Dossiers dossiers,
            Determinations determinations,
            Settlements settlements,
            AgencyClock clock) {
        this.acts = acts;
        this.claims = claims;
        this.dossiers = dossiers;
        this.determinations = determinations;
        this.settlements = settlements;
        this.clock = clock;
    }

    /**
     * The days of a claim as they were said.
     *
     * @param edition on which a change has to rest
     * @param questions those of the chapter that is about them
     * @param answers theirs, and the usual hours
     * @param canEndEarlier whether it is decided, and the last day can still become an earlier one
     */
    record MyDays(
            String number,
            int edition,
            PaintedDays facts,
            List<Asked> questions,
            JsonNode answers,
            boolean canChange,
            boolean canEndEarlier,
            Optional<Plan> plan) {}

    @Transactional(readOnly = true)
    MyDays of(SignedIn applicant, UUID id) {
        ClaimView claim = claims.claimOf(applicant, id);
        PaintedDays painted = painted(claim);
        Dossier dossier = dossiers.of(claim);
        JsonNode said = dossier.said().json();
        ObjectNode answers = JsonColumn.object();
        questions(claim, painted).map(Question::path).forEach(path -> copy(path, said, answers));
        copy(painted.schedule(), said, answers);
        return new MyDays(
                claim.number(),
                claim.edition(),
                painted,
                questions(claim, painted)
                        .map(question -> Asked.of(
                                question, "question.", Claims.programmeOf(claim).wording(Locale.ENGLISH)))
                        .toList(),
                answers,
                claim.state().isOpen() && claim.state().allows(Act.ANSWER),
                claim.state() == ClaimState.DECIDED && !claim.closed(),
                plan(dossier, dossier.said().copy()));
    }

    /** What other days would come to; nothing is kept. @throws Problem at what cannot stand */
    @Transactional(readOnly = true)
    Optional<Plan> wouldBe(SignedIn applicant, UUID id, JsonNode answers) {
        Dossier dossier = dossiers.of(claims.claimOf(applicant, id));
        return plan(dossier, changed(dossier, answers));
    }

    /**
     * The days are said anew: the claim has a new edition, and what was settled of the old ones stands no longer.
     *
     * @param edition that was seen; another is refused
     * @throws Problem at what cannot stand, and once it is decided
     */
    MyDays change(SignedIn applicant, UUID id, int edition, JsonNode answers) {
        return acts.byApplicant(id, applicant, Act.ANSWER, claim -> {
            if (claim.edition() != edition) {
                throw Problem.conflict("changed-meanwhile", Phrase.of("problem.changed-meanwhile"));
            }
            Dossier dossier = dossiers.of(claim);
            ObjectNode before = dossier.said().copy();
            ObjectNode file = changed(dossier, answers);
            if (!file.equals(before)) {
                keep(claim, before, file, applicant);
            }
            return of(applicant, id);
        });
    }

    private void keep(ClaimView claim, ObjectNode before, ObjectNode file, SignedIn applicant) {
        PaintedDays painted = painted(claim);
        List<FactPath> said = questions(claim, painted)
                .map(Question::path)
                .filter(path -> !before.path(path).equals(file.path(path)))
                .map(FactPath::of)
                .toList();
        settlements.lapse(claim.id(), said);
        claims.addEdition(claim.id(), read(file).file(), JsonColumn.write(file), Phrase.of("edition.days-changed"));
        claims.note(
                claim.id(),
                Actor.of(applicant),
                "days-changed",
                Phrase.of("history.days-changed", span(before, painted), span(file, painted)));
    }

    /** The newest edition with the answers to the questions about days in place of what was said. */
    private ObjectNode changed(Dossier dossier, JsonNode answers) {
        if (JsonColumn.write(answers).length() > LONGEST_ANSWERS) {
            throw Problem.invalid("", Phrase.of("problem.too-long"));
        }
        ClaimView claim = dossier.claim();
        ObjectNode before = dossier.said().copy();
        ObjectNode file = before.deepCopy();
        questions(claim, painted(claim)).map(Question::path).forEach(path -> {
            file.remove(path);
            copy(path, answers, file);
        });
        WhoseWord.notTheApplicants(file, before, Claims.programmeOf(claim).facts())
                .ifPresent(path -> {
                    throw Problem.invalid(path, Phrase.of("problem.not-yours-to-say"));
                });
        read(file);
        return file;
    }

    private Optional<Plan> plan(Dossier dossier, ObjectNode file) {
        return supposed(read(dossier.withEarlier(file)));
    }

    private <C extends CaseFile> Optional<Plan> supposed(CaseFiles.Read<C> read) {
        C file = read.programme()
                .form()
                .map(form -> form.supposed(read.file(), Map.of()))
                .orElse(read.file());
        CaseFiles.Read<C> known = new CaseFiles.Read<>(read.programme(), file);
        return determinations.plan(known, determinations.run(known), clock.today());
    }

    private static CaseFiles.Read<?> read(ObjectNode file) {
        try {
            return CaseFiles.read(JsonColumn.bytes(file));
        } catch (BadInput e) {
            String pointer = e.pointer();
            throw Problem.invalid(pointer.startsWith("/") ? pointer.substring(1) : pointer, Phrase.of(e.fault()));
        }
    }

    private static PaintedDays painted(ClaimView claim) {
        return Claims.programmeOf(claim)
                .form()
                .flatMap(OnlineForm::painted)
                .orElseThrow(() -> Problem.conflict("no-days", Phrase.of("problem.no-days")));
    }

    private static Stream<Question> questions(ClaimView claim, PaintedDays painted) {
        return Claims.programmeOf(claim).form().stream()
                .flatMap(form -> form.chapters().stream())
                .filter(chapter -> chapter.id().equals(painted.chapter()))
                .flatMap(chapter -> chapter.questions().stream());
    }

    private static void copy(String path, JsonNode from, ObjectNode to) {
        JsonNode value = from.path(path);
        if (!value.isMissingNode() && !value.isNull()) {
            to.set(path, value);
        }
    }

    private static Phrase span(JsonNode file, PaintedDays painted) {
        return Phrase.several(
                Stream.of(painted.from(), painted.to())
                        .map(path -> file.path(path).asString(""))
                        .filter(day -> !day.isEmpty())
                        .map(day -> Phrase.full(LocalDate.parse(day)))
                        .toList(),
                " – ");
    }
}
