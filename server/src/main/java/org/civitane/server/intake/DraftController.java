package org.civitane.server.intake;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.programme.Catalogue;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.evidence.EvidenceItem;
import org.civitane.server.evidence.EvidenceList;
import org.civitane.server.photos.Photos;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Drafts, for the applicant whose they are. */
@RestController
class DraftController {
    private final Drafts drafts;
    private final Estimates estimates;
    private final DraftFaults faults;
    private final EvidenceList evidence;
    private final Photos photos;
    private final Dossiers dossiers;
    private final AgencyClock clock;

    DraftController(
            Drafts drafts,
            Estimates estimates,
            DraftFaults faults,
            EvidenceList evidence,
            Photos photos,
            Dossiers dossiers,
            AgencyClock clock) {
        this.drafts = drafts;
        this.estimates = estimates;
        this.faults = faults;
        this.evidence = evidence;
        this.photos = photos;
        this.dossiers = dossiers;
        this.clock = clock;
    }

    record Begin(@NotNull @Size(max = 40) String programme) {}

    record SaveDraft(
            int version,
            @NotNull JsonNode answers,
            @NotNull @Size(max = 40) String chapter,
            @Nullable @Size(max = 40) String save,
            @Nullable @Size(max = 20) Set<@NotNull @Size(max = 40) String> unanswered) {
        Drafts.MadeOn on() {
            return new Drafts.MadeOn(
                    version,
                    Optional.ofNullable(save),
                    Optional.ofNullable(unanswered).orElse(Set.of()));
        }
    }

    /** @param supposed what is told only for the figures */
    record Planning(
            @NotNull JsonNode answers,
            @NotNull @Size(max = 10) Map<@NotNull @Size(max = 40) String, @NotNull @Size(max = 40) String> supposed) {}

    record HandIn(
            @NotNull @Size(max = 200) String name,
            @Nullable @Size(max = 10) String last4) {}

    record DraftView(
            UUID id,
            String programme,
            JsonNode answers,
            String chapter,
            int version,
            Instant savedAt,
            @Nullable UUID claim,
            Estimate estimate,
            List<DraftFaults.DraftFault> faults) {}

    record Summary(UUID id, String programme, Instant savedAt) {}

    record Receipt(UUID claim, String number, LocalDate receivedOn, LocalDate dueBy) {}

    @GetMapping("/api/drafts")
    List<Summary> open(@AuthenticationPrincipal SignedIn who) {
        return drafts.open(who).stream()
                .map(draft -> new Summary(draft.id(), draft.programme(), draft.savedAt()))
                .toList();
    }

    @PostMapping("/api/drafts")
    DraftView begin(@RequestBody @Valid Begin wish, @AuthenticationPrincipal SignedIn who) {
        return shown(drafts.begin(who, wish.programme()));
    }

    @GetMapping("/api/drafts/{id}")
    DraftView draft(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return shown(drafts.draft(who, id));
    }

    /** What would have to be shown if this were handed in as it is; nothing while too much is open. */
    @GetMapping("/api/drafts/{id}/evidence")
    List<EvidenceItem> evidence(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        Draft draft = drafts.draft(who, id);
        return Application.imagined(withPhoto(draft), draft.programme(), clock.localNow())
                .map(evidence::ofApplication)
                .orElse(List.of());
    }

    /** The days as they are painted, and what they come to; nothing is kept. */
    @PostMapping("/api/drafts/{id}/plan")
    Estimates.Planned plan(
            @PathVariable UUID id, @RequestBody @Valid Planning wish, @AuthenticationPrincipal SignedIn who) {
        Draft draft = drafts.draft(who, id);
        try {
            ObjectNode answers = drafts.bounded(draft, wish.answers());
            dossiers.addEarlier(answers, who.account(), draft.programme());
            return estimates.planned(draft.programme(), answers, wish.supposed());
        } catch (InvalidFact e) {
            throw Problem.invalid(e.pointer().substring(1), Phrase.of(e.fault()));
        }
    }

    @PutMapping("/api/drafts/{id}")
    DraftView save(@PathVariable UUID id, @RequestBody @Valid SaveDraft wish, @AuthenticationPrincipal SignedIn who) {
        return shown(drafts.save(who, id, wish.on(), wish.answers(), wish.chapter()));
    }

    @PostMapping("/api/drafts/{id}/hand-in")
    Receipt handIn(
            @PathVariable UUID id,
            @RequestBody @Valid HandIn wish,
            HttpServletRequest request,
            @AuthenticationPrincipal SignedIn who) {
        ClaimView claim = drafts.handIn(
                who, id, new Drafts.Signing(wish.name(), Optional.ofNullable(wish.last4()), Origins.deviceOf(request)));
        return new Receipt(claim.id(), claim.number(), claim.receivedOn(), claim.dueBy());
    }

    private DraftView shown(Draft draft) {
        ObjectNode answers = withPhoto(draft);
        dossiers.addEarlier(answers, draft.accountId(), draft.programme());
        Imagined application = estimates.imagine(draft.programme(), answers);
        return new DraftView(
                draft.id(),
                draft.programme(),
                JsonColumn.read(draft.answers()),
                draft.chapter(),
                draft.version(),
                draft.savedAt(),
                draft.claim().orElse(null),
                estimates.of(application),
                faults.of(application, answers.path("contact")));
    }

    private ObjectNode withPhoto(Draft draft) {
        ObjectNode answers = JsonColumn.readObject(draft.answers());
        photos.over(answers, Catalogue.named(draft.programme()), draft.accountId());
        return answers;
    }
}
