package org.civitane.server.documents;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.programme.Consequence;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.PdfAnswer;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Documents, for whose they are and for staff; and the page on which anyone checks one, which says nothing of anybody. */
@RestController
class CheckController {
    /** More than any document that is made out here. */
    private static final int MOST_BYTES = 8 * 1024 * 1024;

    private final Documents documents;
    private final PickupNotes notes;
    private final Dossiers dossiers;
    private final Claims claims;
    private final AgencyClock clock;

    CheckController(Documents documents, PickupNotes notes, Dossiers dossiers, Claims claims, AgencyClock clock) {
        this.documents = documents;
        this.notes = notes;
        this.dossiers = dossiers;
        this.claims = claims;
        this.clock = clock;
    }

    /** @param state {@code STANDS}, {@code REPLACED}, {@code LAPSED} or {@code UNKNOWN} */
    record Checked(String state, String title, Optional<LocalDate> issuedOn, Optional<LocalDate> validUntil) {}

    /** A document as those see it who may. @param isFetched whether someone comes for it */
    record MadeOut(
            UUID id,
            String title,
            String number,
            LocalDate issuedOn,
            LocalDate validUntil,
            Issued.Standing state,
            boolean isFetched) {}

    @GetMapping("/api/check/{number}")
    Checked check(@PathVariable String number) {
        return documents.numbered(number).map(this::checked).orElseGet(CheckController::unknown);
    }

    private Checked checked(Issued document) {
        return new Checked(
                document.on(clock.today()).name(),
                title(document),
                Optional.of(document.issuedOn()),
                Optional.of(document.validUntil()));
    }

    private static Checked unknown() {
        return new Checked("UNKNOWN", "", Optional.empty(), Optional.empty());
    }

    /** A file as it is: unchanged, it is one that was made out here. It is not kept. */
    @PostMapping("/api/check/file")
    Checked checkFile(HttpServletRequest request) throws IOException {
        byte[] contents = request.getInputStream().readNBytes(MOST_BYTES + 1);
        return Optional.of(contents)
                .filter(file -> file.length <= MOST_BYTES)
                .flatMap(documents::unchanged)
                .map(this::checked)
                .orElseGet(CheckController::unknown);
    }

    @GetMapping("/api/my/claims/{id}/documents")
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
        Issued document = documents.of(id).stream()
                .filter(each -> !each.replaced())
                .findFirst()
                .orElseThrow(() -> Problem.notFound(Phrase.of("pickup.nothing")));
        return PdfAnswer.of(claim.number() + "-fetch", notes.of(dossiers.of(claim), document));
    }

    @GetMapping("/api/claims/{id}/documents")
    List<MadeOut> ofClaim(@PathVariable UUID id) {
        return shown(claims.claim(id).id());
    }

    @GetMapping(value = "/api/claims/{id}/documents/{document}", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> openOfClaim(@PathVariable UUID id, @PathVariable UUID document) {
        return pdf(claims.claim(id), document);
    }

    private List<MadeOut> shown(UUID claim) {
        List<Issued> all = documents.of(claim);
        if (all.isEmpty()) {
            return List.of();
        }
        boolean isFetched = Documents.handOver(
                        dossiers.of(claim).settled().read(), all.getFirst().issuedOn())
                .filter(Consequence.HandOver::atTheDesk)
                .isPresent();
        return all.stream()
                .map(each -> new MadeOut(
                        each.id(),
                        title(each),
                        each.number(),
                        each.issuedOn(),
                        each.validUntil(),
                        each.on(clock.today()),
                        isFetched))
                .toList();
    }

    private String title(Issued document) {
        return Claims.programmeOf(claims.claim(document.claim()))
                .wording(Locale.ENGLISH)
                .text("document." + document.kind() + ".title");
    }

    private ResponseEntity<byte[]> pdf(ClaimView claim, UUID id) {
        Issued document = documents.of(claim.id()).stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Problem.notFound(Phrase.of("document.none")));
        return PdfAnswer.of(claim.number() + "-" + document.number(), documents.open(document));
    }
}
