package org.civitane.server.misuse;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What may speak against a claim, for staff; supervisors ask many at once. */
@RestController
class SignalController {
    private static final int MOST = 50;

    private final Signals signals;
    private final AskingMany many;
    private final ClaimActs acts;

    SignalController(Signals signals, AskingMany many, ClaimActs acts) {
        this.signals = signals;
        this.many = many;
        this.acts = acts;
    }

    record DismissSignal(
            @NotNull @Size(max = 100) String signal,
            @NotNull @Size(max = 500) String reason) {}

    record AskMany(
            @NotNull @Size(max = MOST) List<@NotNull UUID> claims,
            @NotNull @Size(max = 1000) String why) {}

    record AskWhom(@NotNull @Size(max = MOST) List<@NotNull UUID> claims) {}

    @GetMapping("/api/claims/{id}/signals")
    SignalView of(@PathVariable UUID id) {
        return signals.of(id);
    }

    @PostMapping("/api/claims/{id}/signals/dismiss")
    SignalView dismiss(
            @PathVariable UUID id, @RequestBody @Valid DismissSignal wish, @AuthenticationPrincipal SignedIn who) {
        acts.byStaff(id, who, Act.ESTABLISH, claim -> {
            signals.dismiss(id, wish.signal(), wish.reason(), who);
            return claim;
        });
        return signals.of(id);
    }

    @PostMapping("/api/misuse/ask/preview")
    List<AskingMany.WouldBeAsked> preview(@RequestBody @Valid AskWhom wish, @AuthenticationPrincipal SignedIn who) {
        return many.preview(wish.claims(), who);
    }

    @PostMapping("/api/misuse/ask")
    List<AskingMany.WouldBeAsked> ask(@RequestBody @Valid AskMany wish, @AuthenticationPrincipal SignedIn who) {
        return many.ask(wish.claims(), wish.why(), who);
    }
}
