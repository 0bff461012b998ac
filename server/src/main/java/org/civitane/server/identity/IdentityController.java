package org.civitane.server.identity;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Claims;
import org.civitane.server.doubts.Doubts;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RestController;

/** Showing who one is, for the applicant whose claim it is. */
@RestController
class IdentityController {
    private final MyIdentities mine;
    private final IdentityAnswers answers;
    private final IdentityUploads uploads;
    private final IdentityReceipts receipts;
    private final Doubts doubts;
    private final Claims claims;

    IdentityController(
            MyIdentities mine,
            IdentityAnswers answers,
            IdentityUploads uploads,
            IdentityReceipts receipts,
            Doubts doubts,
            Claims claims) {
        this.mine = mine;
        this.answers = answers;
        this.uploads = uploads;
        this.receipts = receipts;
        this.doubts = doubts;
        this.claims = claims;
    }

    /** What can be said when asked whether one filed a claim. */
    enum SaysFiled {
        YES,
        NOT_ME,
        NOT_SURE
    }

    record SayFiled(@NotNull SaysFiled filed) {}

    record Remarked(@NotNull @Size(max = 300) String remark) {}

    record HandInIdentity(
            @NotNull @Size(max = 200) String name,
            @NotNull @Size(max = 20) String phone,
            boolean mayCall) {}

    record Later(
            @Min(1) @Max(10) int days,
            @NotNull @Size(max = 500) String why) {}

    @GetMapping("/api/my/claims/{id}/identity")
    @Transactional(readOnly = true)
    MyIdentity identity(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return mine.of(who, id);
    }

    @PostMapping("/api/my/claims/{id}/identity/filed")
    MyIdentity filed(@PathVariable UUID id, @RequestBody @Valid SayFiled said, @AuthenticationPrincipal SignedIn who) {
        switch (said.filed()) {
            case YES -> answers.say(who, id, IdentityAnswer.Filed.YES);
            case NOT_SURE -> answers.say(who, id, IdentityAnswer.Filed.NOT_SURE);
            case NOT_ME -> answers.disown(who, id);
        }
        return mine.of(who, id);
    }

    /** Pictures piece by piece, by the protocol tus 1.0; its headers say which piece. */
    @PostMapping("/api/my/claims/{id}/identity/uploads")
    void beginUpload(
            @PathVariable UUID id,
            HttpServletRequest request,
            HttpServletResponse response,
            @AuthenticationPrincipal SignedIn who)
            throws IOException {
        uploads.call(who, id, request, response);
    }

    @RequestMapping(
            path = "/api/my/claims/{id}/identity/uploads/{upload}",
            method = {RequestMethod.HEAD, RequestMethod.PATCH})
    void goOnWithUpload(
            @PathVariable UUID id,
            @PathVariable String upload,
            HttpServletRequest request,
            HttpServletResponse response,
            @AuthenticationPrincipal SignedIn who)
            throws IOException {
        uploads.call(who, id, request, response);
    }

    @DeleteMapping("/api/my/claims/{id}/identity/documents/{paper}")
    MyIdentity takeBack(@PathVariable UUID id, @PathVariable UUID paper, @AuthenticationPrincipal SignedIn who) {
        answers.takeBack(who, id, paper);
        return mine.of(who, id);
    }

    @PostMapping("/api/my/claims/{id}/identity/documents/{paper}/remark")
    MyIdentity remark(
            @PathVariable UUID id,
            @PathVariable UUID paper,
            @RequestBody @Valid Remarked wish,
            @AuthenticationPrincipal SignedIn who) {
        answers.remark(who, id, paper, wish.remark());
        return mine.of(who, id);
    }

    @PostMapping("/api/my/claims/{id}/identity/hand-in")
    MyIdentity handIn(
            @PathVariable UUID id, @RequestBody @Valid HandInIdentity wish, @AuthenticationPrincipal SignedIn who) {
        answers.handIn(
                who, id, new IdentityAnswers.Signature(wish.name(), wish.phone().replace(" ", ""), wish.mayCall()));
        return mine.of(who, id);
    }

    @PostMapping("/api/my/claims/{id}/identity/more-time")
    MyIdentity later(@PathVariable UUID id, @RequestBody @Valid Later wish, @AuthenticationPrincipal SignedIn who) {
        doubts.moreTime(who, id, wish.days(), wish.why());
        return mine.of(who, id);
    }

    @GetMapping(path = "/api/my/claims/{id}/identity/receipt", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> receipt(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(receipts.of(claims.claimOf(who, id)));
    }
}
