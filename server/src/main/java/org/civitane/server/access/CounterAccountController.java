package org.civitane.server.access;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Accounts that are started at the counter. */
@RestController
class CounterAccountController {
    private final CounterAccounts counter;

    CounterAccountController(CounterAccounts counter) {
        this.counter = counter;
    }

    record ForWhom(@NotNull @Size(max = 120) String displayName) {}

    record SignInName(@NotNull @Size(max = 180) String signInName) {}

    @PostMapping("/api/counter/accounts")
    CounterAccounts.PaperForHolder start(@RequestBody @Valid ForWhom wish, @AuthenticationPrincipal SignedIn who) {
        return counter.start(wish.displayName(), who);
    }

    /** Another code, for someone who shows who they are. */
    @PostMapping("/api/counter/accounts/anew")
    CounterAccounts.PaperForHolder anew(@RequestBody @Valid SignInName wish, @AuthenticationPrincipal SignedIn who) {
        return counter.anew(wish.signInName().strip().toLowerCase(java.util.Locale.ROOT), who);
    }
}
