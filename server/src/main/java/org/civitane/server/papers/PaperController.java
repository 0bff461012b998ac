package org.civitane.server.papers;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Papers, for the applicant whose claim it is and for staff. */
@RestController
class PaperController {
    private final Claims claims;
    private final ClaimActs acts;
    private final Papers papers;
    private final Readings readings;
    private final PaperRoom room;

    PaperController(Claims claims, ClaimActs acts, Papers papers, Readings readings, PaperRoom room) {
        this.claims = claims;
        this.acts = acts;
        this.papers = papers;
        this.readings = readings;
        this.room = room;
    }

    /** A code, not words: the kind of a paper, the id of a member. */
    private static final String CODE = "[A-Za-z0-9_-]{0,40}";

    record SendBack(@NotNull @Size(max = 500) String reason) {}

    /** What may still come, so that it can be told before anything is sent. */
    @GetMapping("/api/my/claims/{id}/room")
    @Transactional(readOnly = true)
    PaperRoom.RoomLeft room(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return room.of(claims.claimOf(who, id).id());
    }

    /** The body is the file itself; what it is called stands in the header, not in the address. */
    @PostMapping("/api/my/claims/{id}/papers")
    Paper upload(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "OTHER") @Pattern(regexp = CODE) String kind,
            @RequestParam(defaultValue = "") @Pattern(regexp = CODE) String subject,
            @RequestHeader(name = HttpHeaders.CONTENT_DISPOSITION, defaultValue = "") String disposition,
            HttpServletRequest request,
            @AuthenticationPrincipal SignedIn who)
            throws IOException {
        ClaimView claim = claims.claimOf(who, id);
        return papers.take(claim, request.getInputStream(), kind, subject, nameIn(disposition), who);
    }

    /** The name of the file as the header {@code Content-Disposition} gives it (RFC 6266); empty when it gives none. */
    private static String nameIn(String disposition) {
        try {
            return Optional.ofNullable(ContentDisposition.parse(disposition).getFilename())
                    .orElse("");
        } catch (IllegalArgumentException e) {
            return "";
        }
    }

    @GetMapping("/api/my/claims/{id}/papers/{paper}/picture")
    ResponseEntity<byte[]> myPicture(
            @PathVariable UUID id,
            @PathVariable UUID paper,
            @RequestParam(defaultValue = "1") int page,
            @AuthenticationPrincipal SignedIn who) {
        return shown(papers.ownPicture(claims.claimOf(who, id).id(), paper, page));
    }

    @GetMapping("/api/claims/{id}/papers/{paper}/picture")
    ResponseEntity<byte[]> picture(
            @PathVariable UUID id, @PathVariable UUID paper, @RequestParam(defaultValue = "1") int page) {
        return shown(papers.picture(id, paper, page));
    }

    @PostMapping("/api/claims/{id}/papers/{paper}/accept")
    Paper accept(@PathVariable UUID id, @PathVariable UUID paper, @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.ESTABLISH, claim -> papers.judge(claim, paper, Optional.empty(), who));
    }

    @PostMapping("/api/claims/{id}/papers/{paper}/send-back")
    Paper sendBack(
            @PathVariable UUID id,
            @PathVariable UUID paper,
            @RequestBody @Valid SendBack wish,
            @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(
                id, who, Act.ESTABLISH, claim -> papers.judge(claim, paper, Optional.of(wish.reason()), who));
    }

    record Name(
            @NotNull @Size(max = 40) String kind,
            @NotNull @Size(max = 40) String subject) {}

    record Seen(
            @Min(1) int page,
            @NotNull @Size(max = 12) Map<@NotNull @Size(max = 40) String, @NotNull @Size(max = 300) String> values) {}

    /** What the papers of a claim say, by the id of the paper. */
    @GetMapping("/api/claims/{id}/readings")
    @Transactional(readOnly = true)
    Map<UUID, Reading> readings(@PathVariable UUID id) {
        return readings.of(claims.claim(id).id());
    }

    @PostMapping("/api/claims/{id}/papers/{paper}/shown")
    Reading see(
            @PathVariable UUID id,
            @PathVariable UUID paper,
            @RequestBody @Valid Seen seen,
            @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(
                id, who, Act.ESTABLISH, claim -> readings.see(claim, paper, seen.page(), seen.values(), who));
    }

    @PostMapping("/api/claims/{id}/papers/{paper}/name")
    Paper name(
            @PathVariable UUID id,
            @PathVariable UUID paper,
            @RequestBody @Valid Name name,
            @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(
                id, who, Act.ESTABLISH, claim -> papers.name(claim, paper, name.kind(), name.subject(), who));
    }

    /** Only ever a picture made here, never the file as it came; no browser keeps it. */
    private static ResponseEntity<byte[]> shown(PageView view) {
        return ResponseEntity.ok().contentType(view.mediaType()).body(view.contents());
    }
}
