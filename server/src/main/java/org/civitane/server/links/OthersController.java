package org.civitane.server.links;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Who else is asked on a claim, for its applicant and for staff; what those who sign say is not right, for staff. */
@RestController
class OthersController {
    private final Claims claims;
    private final ClaimActs acts;
    private final Dossiers dossiers;
    private final Others others;
    private final FormsOnPaper onPaper;
    private final Remarks remarks;
    private final Reopening reopening;

    OthersController(
            Claims claims,
            ClaimActs acts,
            Dossiers dossiers,
            Others others,
            FormsOnPaper onPaper,
            Remarks remarks,
            Reopening reopening) {
        this.claims = claims;
        this.acts = acts;
        this.dossiers = dossiers;
        this.others = others;
        this.onPaper = onPaper;
        this.remarks = remarks;
        this.reopening = reopening;
    }

    record ReachWish(
            @NotNull @Size(max = 120) String email,
            @NotNull @Size(max = 30) String phone,
            @NotNull @Size(max = 20) String personNumber) {
        Others.Reach reach() {
            return new Others.Reach(email.strip(), phone.replace(" ", ""), personNumber.replace(" ", ""));
        }
    }

    /** What a form says. */
    record OnPaper(@NotNull @Valid Said said) {}

    record Looked(@NotNull @Size(max = 500) String reason) {}

    /** Who else is asked, and what they say. */
    record OthersAsked(List<Others.Other> others, List<Remark> remarks) {}

    @GetMapping("/api/my/claims/{id}/others")
    @Transactional(readOnly = true)
    List<Others.Other> mine(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return others.of(dossiers.of(claims.claimOf(who, id)));
    }

    @PostMapping("/api/my/claims/{id}/others/{whom}")
    List<Others.Other> reach(
            @PathVariable UUID id,
            @PathVariable String whom,
            @RequestBody @Valid ReachWish wish,
            @AuthenticationPrincipal SignedIn who) {
        return others.reach(who, id, whom, wish.reach());
    }

    @GetMapping("/api/claims/{id}/others")
    @Transactional(readOnly = true)
    OthersAsked ofClaim(@PathVariable UUID id) {
        Dossier dossier = dossiers.of(claims.claim(id));
        return new OthersAsked(others.of(dossier), remarks.of(dossier));
    }

    @PostMapping("/api/claims/{id}/others/{whom}")
    OthersAsked reachForThem(
            @PathVariable UUID id,
            @PathVariable String whom,
            @RequestBody @Valid ReachWish wish,
            @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.ESTABLISH, claim -> {
            reopening.open(dossiers.of(claim), whom, wish.reach(), who);
            others.reach(claim, whom, wish.reach(), who);
            return ofClaim(id);
        });
    }

    /** The form on paper for someone who is asked. Each has a code of its own. */
    @PostMapping("/api/my/claims/{id}/others/{whom}/form")
    ResponseEntity<byte[]> myForm(
            @PathVariable UUID id, @PathVariable String whom, @AuthenticationPrincipal SignedIn who) {
        return pdf(acts.byApplicant(id, who, Act.ANSWER, claim -> others.formForApplicant(claim, whom)));
    }

    @PostMapping("/api/claims/{id}/others/{whom}/form")
    ResponseEntity<byte[]> form(
            @PathVariable UUID id, @PathVariable String whom, @AuthenticationPrincipal SignedIn who) {
        return pdf(acts.byStaff(id, who, Act.ESTABLISH, claim -> others.form(claim, whom)));
    }

    /** A caseworker takes down what a form says that came back on paper. */
    @PostMapping("/api/claims/{id}/others/{whom}/answer")
    OthersAsked takeDown(
            @PathVariable UUID id,
            @PathVariable String whom,
            @RequestBody @Valid OnPaper form,
            @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.ESTABLISH, claim -> {
            onPaper.takeDown(claim, whom, form.said(), who);
            return ofClaim(id);
        });
    }

    private static ResponseEntity<byte[]> pdf(byte[] contents) {
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(contents);
    }

    @PostMapping("/api/claims/{id}/remarks/{remark}")
    OthersAsked look(
            @PathVariable UUID id,
            @PathVariable UUID remark,
            @RequestBody @Valid Looked wish,
            @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.CORRESPOND, claim -> {
            remarks.look(claim, remark, wish.reason(), who);
            return ofClaim(id);
        });
    }
}
