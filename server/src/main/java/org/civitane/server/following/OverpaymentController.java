package org.civitane.server.following;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
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
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What was paid too much, for the person and for staff; to claim it back is for a caseworker, to settle it sooner for the person. */
@RestController
class OverpaymentController {
    private final Claims claims;
    private final ClaimActs acts;
    private final Overpayments overpayments;
    private final AgencyClock clock;

    OverpaymentController(Claims claims, ClaimActs acts, Overpayments overpayments, AgencyClock clock) {
        this.claims = claims;
        this.acts = acts;
        this.overpayments = overpayments;
        this.clock = clock;
    }

    /**
     * What was paid too much for a month or week.
     *
     * @param rest what is still owed of it
     * @param percent how much of each further week is kept back for it at most
     * @param reason why it is claimed back, or is not; empty until that is decided
     */
    record PaidTooMuch(
            UUID id,
            String time,
            String amount,
            String keptBack,
            String rest,
            Overpayment.State state,
            int percent,
            String reason,
            Optional<LocalDate> decidedOn) {}

    /** @param usualPercent what may be kept back of each week without the person's word */
    record AllPaidTooMuch(String number, int usualPercent, List<PaidTooMuch> overpayments) {}

    record Share(int percent) {}

    /** @param claimBack whether it becomes a debt, or is theirs to keep */
    record DecideOverpayment(
            boolean claimBack, @NotNull @Size(max = 500) String reason) {}

    @GetMapping("/api/my/claims/{id}/overpayments")
    @Transactional(readOnly = true)
    AllPaidTooMuch mine(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return of(claims.claimOf(who, id));
    }

    @PutMapping("/api/my/claims/{id}/overpayments/{overpayment}/share")
    AllPaidTooMuch agree(
            @PathVariable UUID id,
            @PathVariable UUID overpayment,
            @RequestBody @Valid Share wish,
            @AuthenticationPrincipal SignedIn who) {
        overpayments.agree(who, id, overpayment, wish.percent());
        return mine(id, who);
    }

    @GetMapping(
            value = "/api/my/claims/{id}/overpayments/{overpayment}/letter",
            produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> myLetter(
            @PathVariable UUID id, @PathVariable UUID overpayment, @AuthenticationPrincipal SignedIn who) {
        return pdf(claims.claimOf(who, id), overpayment);
    }

    @GetMapping("/api/claims/{id}/overpayments")
    @Transactional(readOnly = true)
    AllPaidTooMuch ofClaim(@PathVariable UUID id) {
        return of(claims.claim(id));
    }

    @PostMapping("/api/claims/{id}/overpayments/{overpayment}/decision")
    AllPaidTooMuch decide(
            @PathVariable UUID id,
            @PathVariable UUID overpayment,
            @RequestBody @Valid DecideOverpayment wish,
            @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.CORRESPOND, claim -> {
            overpayments.decide(claim, overpayment, wish.claimBack(), wish.reason(), who);
            claims.touch(id);
            return of(claim);
        });
    }

    @GetMapping(
            value = "/api/claims/{id}/overpayments/{overpayment}/letter",
            produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> letter(@PathVariable UUID id, @PathVariable UUID overpayment) {
        return pdf(claims.claim(id), overpayment);
    }

    private ResponseEntity<byte[]> pdf(ClaimView claim, UUID overpayment) {
        return PdfAnswer.of(claim.number(), overpayments.letter(claim, overpayment));
    }

    private AllPaidTooMuch of(ClaimView claim) {
        int usual = overpayments.usualPercent();
        return new AllPaidTooMuch(
                claim.number(),
                usual,
                overpayments.of(claim.id()).stream()
                        .map(each -> shown(each, usual))
                        .toList());
    }

    private PaidTooMuch shown(Overpayment each, int usual) {
        return new PaidTooMuch(
                each.id(),
                each.time().toString(),
                each.amount().toString(),
                each.keptBack().toString(),
                each.rest().toString(),
                each.state(),
                each.agreedPercent().orElse(usual),
                each.reason(),
                each.decidedAt().map(at -> at.atZone(clock.getZone()).toLocalDate()));
    }
}
