package org.civitane.server.decisions;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.PdfAnswer;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Deciding, for caseworkers; letters, for staff and for the applicant whose claim it is. */
@RestController
class DecisionController {
    private final Claims claims;
    private final ClaimActs acts;
    private final Decisions decisions;
    private final UrgentAwards awards;

    DecisionController(Claims claims, ClaimActs acts, Decisions decisions, UrgentAwards awards) {
        this.claims = claims;
        this.acts = acts;
        this.decisions = decisions;
        this.awards = awards;
    }

    /** @param despite why it is decided although something is still in the way; empty when nothing is */
    record Decide(
            int version,
            @NotNull @Size(max = 2000) String reason,
            @NotNull @Size(max = 2000) String despite) {}

    record Approve(int version) {}

    /** Pays at once, on identity alone, where a household cannot wait. */
    @PostMapping("/api/claims/{id}/approve-urgent")
    DecidedState approveUrgent(
            @PathVariable UUID id, @RequestBody @Valid Approve wish, @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.DECIDE, wish.version(), claim -> {
            awards.approve(claim, who);
            return new DecidedState(claims.claim(id).state().name());
        });
    }

    record DecidedState(String state) {}

    @PostMapping("/api/claims/{id}/decide")
    DecidedState decide(@PathVariable UUID id, @RequestBody @Valid Decide wish, @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.DECIDE, wish.version(), claim -> {
            decisions.decide(claim, wish.reason(), wish.despite(), who);
            return new DecidedState(claims.claim(id).state().name());
        });
    }

    /** @param reason what the caseworker would add to the letter; it is sent, not addressed, since it is about people */
    record Preview(@NotNull @Size(max = 2000) String reason) {}

    /** The letter as it would go out; nothing is kept. */
    @PostMapping(value = "/api/claims/{id}/letter-preview", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> preview(
            @PathVariable UUID id, @RequestBody @Valid Preview wish, @AuthenticationPrincipal SignedIn who) {
        return PdfAnswer.of(claims.claim(id).number(), decisions.preview(claims.claim(id), wish.reason(), who));
    }

    /** @param html what stands in the letter, with nothing in it that runs */
    record LetterText(String html) {}

    /** The same as HTML, which the PDF is made from. */
    @PostMapping("/api/claims/{id}/letter-preview/text")
    LetterText text(@PathVariable UUID id, @RequestBody @Valid Preview wish, @AuthenticationPrincipal SignedIn who) {
        return new LetterText(decisions.previewText(claims.claim(id), wish.reason(), who));
    }

    @GetMapping(value = "/api/claims/{id}/letter", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> letter(@PathVariable UUID id) {
        return PdfAnswer.of(claims.claim(id).number(), decisions.letter(id));
    }

    @GetMapping("/api/claims/{id}/letter/text")
    LetterText letterText(@PathVariable UUID id) {
        return new LetterText(decisions.letterText(claims.claim(id).id()));
    }

    /** To whom else the decision was told. */
    @GetMapping("/api/claims/{id}/letters")
    @Transactional(readOnly = true)
    List<LetterBox.ToOther> others(@PathVariable UUID id) {
        return decisions.lettersToOthers(claims.claim(id).id());
    }

    @GetMapping(value = "/api/claims/{id}/letters/{whom}", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> letterTo(@PathVariable UUID id, @PathVariable String whom) {
        return PdfAnswer.of(claims.claim(id).number(), decisions.letterTo(id, whom));
    }

    @GetMapping(value = "/api/my/claims/{id}/letter", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> myLetter(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        ClaimView claim = claims.claimOf(who, id);
        return PdfAnswer.of(claim.number(), decisions.letter(id));
    }

    @GetMapping("/api/my/claims/{id}/letter/text")
    LetterText myLetterText(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return new LetterText(decisions.letterText(claims.claimOf(who, id).id()));
    }
}
