package org.civitane.server.documents;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.civitane.core.casefile.Member;
import org.civitane.server.access.SignedIn;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The counter and the post of the office: what is fetched, what goes out, and what came back. */
@RestController
class HandoverController {
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private final Handovers handovers;
    private final PostRoom room;
    private final Documents documents;
    private final Dossiers dossiers;
    private final AgencyClock clock;

    HandoverController(Handovers handovers, PostRoom room, Documents documents, Dossiers dossiers, AgencyClock clock) {
        this.handovers = handovers;
        this.room = room;
        this.documents = documents;
        this.dossiers = dossiers;
        this.clock = clock;
    }

    /** Whom to expect for a document, and whether it is there. */
    record Expected(
            UUID claim,
            String claimNumber,
            String number,
            String title,
            Issued.Standing state,
            Handover handover,
            String holder,
            LocalDate dateOfBirth) {}

    record Give(
            @NotBlank @Size(max = 120) String shown,
            @NotNull @Size(max = 120) String to,
            boolean authorised) {}

    record Posted(@NotNull @Size(max = PostRoom.MOST) List<@NotNull UUID> documents) {}

    record CameBack(@NotBlank @Size(max = 300) String reason) {}

    record GoesAgain(boolean atTheDesk) {}

    @GetMapping("/api/handovers")
    PostRoom.Work work() {
        return room.work();
    }

    /** By the number of the document or of its claim, as it was typed or scanned. */
    @GetMapping("/api/handovers/{number}")
    Expected expected(@PathVariable String number) {
        return atCounter(find(number));
    }

    @PostMapping("/api/handovers/{number}/given")
    Expected give(@PathVariable String number, @RequestBody @Valid Give wish, @AuthenticationPrincipal SignedIn who) {
        Issued document = find(number);
        handovers.give(
                document, new Handovers.Seen(wish.shown().strip(), wish.to().strip(), wish.authorised()), who);
        return atCounter(document);
    }

    @PostMapping("/api/handovers/{number}/returned")
    Expected returned(
            @PathVariable String number, @RequestBody @Valid CameBack wish, @AuthenticationPrincipal SignedIn who) {
        Issued document = find(number);
        handovers.returned(document, wish.reason().strip(), who);
        return atCounter(document);
    }

    @PostMapping("/api/handovers/{number}/again")
    Expected again(
            @PathVariable String number, @RequestBody @Valid GoesAgain wish, @AuthenticationPrincipal SignedIn who) {
        Issued document = find(number);
        handovers.again(document, wish.atTheDesk(), who);
        return atCounter(document);
    }

    /** These went by post today. */
    @PostMapping("/api/post-list")
    PostRoom.Work posted(@RequestBody @Valid Posted wish, @AuthenticationPrincipal SignedIn who) {
        room.sent(wish.documents(), who);
        return room.work();
    }

    /** What goes by post on a day, or went on one before, to be printed on labels. */
    @GetMapping(value = "/api/post-list", produces = "text/csv")
    ResponseEntity<byte[]> postList(@RequestParam LocalDate on) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("post-" + on + ".csv")
                                .build()
                                .toString())
                .contentType(CSV)
                .body(room.list(on).getBytes(StandardCharsets.UTF_8));
    }

    private Issued find(String typed) {
        return documents
                .numbered(typed)
                .or(() -> documents.standingOn(typed.strip().toUpperCase(Locale.ROOT)))
                .orElseThrow(() -> Problem.notFound(Phrase.of("handover.unknown")));
    }

    private Expected atCounter(Issued document) {
        Dossier dossier = dossiers.of(document.claim());
        Member holder = dossier.applicant();
        return new Expected(
                document.claim(),
                dossier.claim().number(),
                document.number(),
                documents.titleOf(document),
                document.on(clock.today()),
                handovers.of(document.id()).orElseThrow(() -> Problem.notFound(Phrase.of("handover.none"))),
                holder.name().full(),
                holder.dateOfBirth());
    }
}
