package org.civitane.server.documents;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.AgencyClock;
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

/** Documents that were made out on a claim, for whose they are and for staff. */
@RestController
class DocumentController {
    private final Documents documents;
    private final Handovers handovers;
    private final Replacements replacements;
    private final PickupNotes notes;
    private final Claims claims;
    private final ClaimActs acts;
    private final AgencyClock clock;

    DocumentController(
            Documents documents,
            Handovers handovers,
            Replacements replacements,
            PickupNotes notes,
            Claims claims,
            ClaimActs acts,
            AgencyClock clock) {
        this.documents = documents;
        this.handovers = handovers;
        this.replacements = replacements;
        this.notes = notes;
        this.claims = claims;
        this.acts = acts;
        this.clock = clock;
    }

    /** A document as those see it who may. @param handover how it reaches its holder; empty where it does not */
    record MadeOut(
            UUID id,
            String title,
            String number,
            LocalDate issuedOn,
            LocalDate validUntil,
            Issued.Standing state,
            Optional<Issued.Revoked> revoked,
            Optional<Handover> handover) {}

    record Anew(@NotBlank @Size(max = 300) String reason) {}

    @GetMapping("/api/my/claims/{id}/documents")
    @Transactional(readOnly = true)
    List<MadeOut> mine(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return shown(claims.claimOf(who, id).id());
    }

    @GetMapping(value = "/api/my/claims/{id}/documents/{document}", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> open(
            @PathVariable UUID id, @PathVariable UUID document, @AuthenticationPrincipal SignedIn who) {
        return pdf(claims.claimOf(who, id), document);
    }

    /** The note with which a document is fetched. */
    @GetMapping(value = "/api/my/claims/{id}/pickup-note", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pickUp(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        ClaimView claim = claims.claimOf(who, id);
        return PdfAnswer.of(claim.number() + "-fetch", notes.of(claim));
    }

    @GetMapping("/api/claims/{id}/documents")
    @Transactional(readOnly = true)
    List<MadeOut> ofClaim(@PathVariable UUID id) {
        return shown(claims.claim(id).id());
    }

    @GetMapping(value = "/api/claims/{id}/documents/{document}", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> openOfClaim(@PathVariable UUID id, @PathVariable UUID document) {
        return pdf(claims.claim(id), document);
    }

    /** Makes it out anew under another number. */
    @PostMapping("/api/claims/{id}/documents/{document}/anew")
    List<MadeOut> anew(
            @PathVariable UUID id,
            @PathVariable UUID document,
            @RequestBody @Valid Anew wish,
            @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.CORRESPOND, claim -> {
            replacements.replace(claim, document, wish.reason().strip(), who);
            return shown(id);
        });
    }

    private List<MadeOut> shown(UUID claim) {
        return documents.of(claim).stream()
                .map(each -> new MadeOut(
                        each.id(),
                        documents.titleOf(each),
                        each.number(),
                        each.issuedOn(),
                        each.validUntil(),
                        each.on(clock.today()),
                        each.revoked(),
                        handovers.of(each.id())))
                .toList();
    }

    private ResponseEntity<byte[]> pdf(ClaimView claim, UUID id) {
        Issued document = documents.of(claim.id(), id);
        return PdfAnswer.of(claim.number() + "-" + document.number(), documents.open(document));
    }
}
