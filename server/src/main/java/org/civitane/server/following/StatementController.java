package org.civitane.server.following;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.PdfAnswer;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What was paid in a year, this one where none is said, for whoever was paid. */
@RestController
class StatementController {
    private static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=UTF-8");

    private final Claims claims;
    private final Statements statements;

    StatementController(Claims claims, Statements statements) {
        this.claims = claims;
        this.statements = statements;
    }

    /** The years of which there is a statement. */
    @GetMapping("/api/my/claims/{id}/payments/years")
    @Transactional(readOnly = true)
    List<Integer> years(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return statements.years(claims.claimOf(who, id));
    }

    @GetMapping(value = "/api/my/claims/{id}/payments/statement", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> statement(
            @PathVariable UUID id, @RequestParam Optional<Integer> year, @AuthenticationPrincipal SignedIn who) {
        ClaimView claim = claims.claimOf(who, id);
        int wanted = year.orElseGet(statements::thisYear);
        return PdfAnswer.of(claim.number() + "-" + wanted, statements.pdf(claim, wanted));
    }

    /** The same for a program that reads tables: RFC 4180, amounts with a point. */
    @GetMapping(value = "/api/my/claims/{id}/payments/table", produces = "text/csv")
    @Transactional(readOnly = true)
    ResponseEntity<String> table(
            @PathVariable UUID id, @RequestParam Optional<Integer> year, @AuthenticationPrincipal SignedIn who) {
        ClaimView claim = claims.claimOf(who, id);
        int wanted = year.orElseGet(statements::thisYear);
        return ResponseEntity.ok()
                .contentType(CSV)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(claim.number() + "-" + wanted + ".csv")
                                .build()
                                .toString())
                .body(statements.csv(claim, wanted));
    }
}
