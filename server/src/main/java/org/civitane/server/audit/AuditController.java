package org.civitane.server.audit;

import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.civitane.server.claims.History;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Phrase;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Lists of what was done out of the ordinary, the newest first; for auditors, and for supervisors. */
@RestController
class AuditController {
    private static final int PAGE = 50;

    private final History history;

    AuditController(History history) {
        this.history = history;
    }

    /** What is listed, by the kinds of line that tell of it. */
    enum Kind {
        /** Decided while something was still open. */
        DESPITE("decided-despite"),
        /** Papers and registers that were done without. */
        WAIVED("evidence-waived", "register-without"),
        /** Settled on what was said, or on a figure of the caseworker's own. */
        OVERRIDDEN("overridden"),
        /** Documents that were taken back. */
        REVOKED("revoked");

        private final List<String> lines;

        Kind(String... lines) {
            this.lines = List.of(lines);
        }
    }

    record AuditLine(String when, Phrase who, History.OfClaim claim, Phrase sentence) {}

    /** @param before where the next page begins; empty where this is the last */
    record AuditPage(List<AuditLine> lines, Optional<Long> before) {}

    /** @param by whose doing only, by the name that histories have of them; of everyone where that is empty */
    @GetMapping("/api/audit")
    AuditPage lines(
            @RequestParam Kind kind,
            @RequestParam(defaultValue = "") @Size(max = 200) String by,
            @RequestParam @Nullable Long before) {
        List<History.LineOf> found = history.ofKinds(kind.lines, by, before == null ? 0 : before, PAGE + 1);
        List<History.LineOf> shown = found.subList(0, Math.min(PAGE, found.size()));
        return new AuditPage(
                shown.stream()
                        .map(each -> new AuditLine(
                                DayText.moment(each.line().at()),
                                each.line().actor(),
                                each.claim(),
                                each.line().sentence()))
                        .toList(),
                found.size() > PAGE ? Optional.of(shown.getLast().line().id()) : Optional.empty());
    }
}
