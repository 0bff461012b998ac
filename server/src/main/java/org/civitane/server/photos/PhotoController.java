package org.civitane.server.photos;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.UUID;
import org.civitane.core.programme.Catalogue;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RestController;

/** The photo of an application, for the applicant; the one of a claim, for staff. */
@RestController
class PhotoController {
    private final Photos photos;
    private final PhotoTaking taking;
    private final Claims claims;

    PhotoController(Photos photos, PhotoTaking taking, Claims claims) {
        this.photos = photos;
        this.taking = taking;
        this.claims = claims;
    }

    /** What was found out of the file. */
    record PhotoFound(String format, int widthPx, int heightPx, long bytes) {}

    /** The photo comes as the body itself. */
    @PutMapping("/api/drafts/photo/{programme}")
    PhotoFound take(@PathVariable String programme, HttpServletRequest request, @AuthenticationPrincipal SignedIn who)
            throws IOException {
        checkIsThere(programme);
        byte[] contents = request.getInputStream().readNBytes(PhotoTaking.MOST_BYTES + 1);
        Photo photo = taking.take(who.account(), programme, contents);
        return new PhotoFound(photo.format(), photo.widthPx(), photo.heightPx(), photo.bytes());
    }

    @GetMapping("/api/drafts/photo/{programme}")
    ResponseEntity<byte[]> mine(@PathVariable String programme, @AuthenticationPrincipal SignedIn who) {
        return picture(photos.ofDraft(who.account(), programme).orElseThrow(PhotoController::none));
    }

    @GetMapping("/api/claims/{id}/photo")
    ResponseEntity<byte[]> ofClaim(@PathVariable UUID id) {
        return picture(photos.ofClaim(claims.claim(id).id()).orElseThrow(PhotoController::none));
    }

    private static void checkIsThere(String programme) {
        Catalogue.find(programme).orElseThrow(() -> Problem.notFound(Phrase.of("problem.no-programme")));
    }

    private static Problem none() {
        return Problem.notFound(Phrase.of("photo.not-there"));
    }

    private ResponseEntity<byte[]> picture(Photo photo) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(photo.mediaType()))
                .header(HttpHeaders.CACHE_CONTROL, "no-store")
                .body(photos.open(photo));
    }
}
