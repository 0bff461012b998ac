package org.civitane.server.fees;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.determinations.Run;
import org.civitane.server.determinations.Sentence;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.PdfAnswer;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.ProblemText;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The fee of a claim, for the applicant whose it is; and notices of the payment service. */
@RestController
class FeeController {
    private static final int LONGEST_NOTICE = 4096;

    private final Claims claims;
    private final ClaimActs acts;
    private final Charges charges;
    private final Paying paying;
    private final Receipts receipts;
    private final Dossiers dossiers;

    FeeController(Claims claims, ClaimActs acts, Charges charges, Paying paying, Receipts receipts, Dossiers dossiers) {
        this.claims = claims;
        this.acts = acts;
        this.charges = charges;
        this.paying = paying;
        this.receipts = receipts;
        this.dossiers = dossiers;
    }

    /**
     * A fee.
     *
     * @param refused whether the last try to pay it was refused, so that nothing was taken
     * @param parts how it is made up, as sentences
     * @param receipt whether there is one
     * @param notOwed what came that was not what is owed, and goes back
     */
    record Fee(
            String number,
            String programme,
            String amount,
            LocalDate payBy,
            Charge.State state,
            boolean refused,
            List<String> parts,
            boolean receipt,
            List<ChargeStore.NotOwed> notOwed) {}

    /** @param page where it is paid */
    record PayPage(String page) {}

    /** Looks whether it was paid, since the browser may have come back before the notice. */
    @GetMapping("/api/my/claims/{id}/fee")
    Fee mine(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        ClaimView claim = claims.claimOf(who, id);
        paying.ask(id);
        return fee(claim);
    }

    @PostMapping("/api/my/claims/{id}/fee/pay")
    PayPage pay(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        ClaimView claim = claims.claimOf(who, id);
        acts.check(claim, Act.CORRESPOND);
        return new PayPage(paying.begin(claim));
    }

    @GetMapping(value = "/api/my/claims/{id}/fee/receipt", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> receipt(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        ClaimView claim = claims.claimOf(who, id);
        String digest = charges.of(id)
                .map(Charge::receipt)
                .filter(each -> !each.isEmpty())
                .orElseThrow(() -> Problem.notFound(Phrase.of("fee.no-receipt")));
        return PdfAnswer.of(claim.number() + "-receipt", receipts.open(digest));
    }

    @GetMapping("/api/claims/{id}/fee")
    Fee ofClaim(@PathVariable UUID id) {
        return fee(claims.claim(id));
    }

    /** Only what the service signed is listened to. */
    @PostMapping("/api/pay-notices")
    void notice(
            HttpServletRequest request,
            HttpServletResponse response,
            @RequestHeader(value = "X-Pay-Signature", defaultValue = "") String signature)
            throws IOException {
        byte[] body = request.getInputStream().readNBytes(LONGEST_NOTICE);
        if (paying.notice(body, signature)) {
            response.setStatus(HttpServletResponse.SC_NO_CONTENT);
        } else {
            ProblemText.write(response, HttpServletResponse.SC_UNAUTHORIZED);
        }
    }

    private Fee fee(ClaimView claim) {
        Charge charge = charges.of(claim.id()).orElseThrow(() -> Problem.notFound(Phrase.of("fee.none")));
        Run run = dossiers.of(claim).run();
        List<String> parts = run.working().stream()
                .filter(step -> step.code().equals(run.programme().feeStep()))
                .map(Sentence::text)
                .toList();
        return new Fee(
                claim.number(),
                run.wording().text("name"),
                charge.amount().toString(),
                charge.payBy(),
                charge.state(),
                charges.wasRefused(charge),
                parts,
                !charge.receipt().isEmpty(),
                charges.notOwed(claim.id()));
    }
}
