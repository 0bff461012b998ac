package org.civitane.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.platform.Office;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.standins.Simulated;
import org.jspecify.annotations.Nullable;
import org.springframework.core.env.Environment;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, which anyone may; and how whoever is signed in wants to work. */
@RestController
class SessionController {
    private final Accounts accounts;
    private final Entrance entrance;
    private final SecondFactors factors;
    private final Mailbox mailbox;
    private final BoundTokens tokens;
    private final Office office;
    private final boolean simulated;

    SessionController(
            Accounts accounts,
            Entrance entrance,
            SecondFactors factors,
            Mailbox mailbox,
            BoundTokens tokens,
            Office office,
            Environment environment) {
        this.accounts = accounts;
        this.entrance = entrance;
        this.factors = factors;
        this.mailbox = mailbox;
        this.tokens = tokens;
        this.office = office;
        this.simulated = environment.matchesProfiles(Simulated.PROFILE);
    }

    /**
     * Who is signed in.
     *
     * @param account which the browser says with every call, so that nothing is done in another's name
     * @param role absent while nobody is
     * @param simulated whether the outside services of this server are simulated
     * @param mailbox where what simulated mail would have carried can be read; empty where mail is carried
     * @param keys whether single letters do something at the desk
     * @param office whom people can call instead of doing it here
     * @param step what is still to be shown by whoever gave their password and is not signed in yet
     */
    record Session(
            @Nullable UUID account,
            @Nullable String name,
            @Nullable String email,
            @Nullable Role role,
            boolean simulated,
            String mailbox,
            boolean keys,
            Office office,
            Optional<Step> step) {}

    /**
     * The second step.
     *
     * @param setUp whether there is none yet, and one has to be set up
     * @param where a code was sent; empty for an app
     * @param shown what the app of a demo account shows now; nothing anywhere else
     */
    record Step(boolean setUp, Optional<SecondFactor.Kind> kind, String where, Optional<String> shown) {}

    record Keys(boolean on) {}

    record SignIn(
            @NotNull @Size(max = 250) String email,
            @NotNull @Size(max = 1000) String password) {}

    record Colleague(String id, String name) {}

    @GetMapping("/api/session")
    Session session(
            @AuthenticationPrincipal @Nullable SignedIn who, HttpServletRequest request, HttpServletResponse response) {
        tokens.tell(request, response);
        return who == null
                ? new Session(null, null, null, null, simulated, mailbox.address(), true, office, Optional.empty())
                : of(who);
    }

    @PostMapping("/api/session")
    Session signIn(@RequestBody @Valid SignIn attempt, HttpServletRequest request, HttpServletResponse response) {
        SignedIn who = accounts.authenticate(attempt.email(), attempt.password(), Devices.of(request))
                .orElseThrow(() -> Problem.unauthorized(Phrase.of("account.wrong")));
        return of(entrance.withPassword(who, request, response));
    }

    @DeleteMapping("/api/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request, HttpServletResponse response) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
        response.setHeader("Clear-Site-Data", "\"cache\", \"storage\"");
    }

    @PutMapping("/api/session/keys")
    Session useKeys(@RequestBody @Valid Keys wish, @AuthenticationPrincipal SignedIn who) {
        accounts.useKeys(who.account(), wish.on());
        return of(who);
    }

    @GetMapping("/api/staff")
    List<Colleague> staff() {
        return accounts.caseworkers().stream()
                .map(who -> new Colleague(who.account().toString(), who.displayName()))
                .toList();
    }

    /** Whoever is halfway in is nobody yet, and is told what to show. */
    Session of(SignedIn who) {
        if (who.role() == Role.HALFWAY) {
            return new Session(
                    null, null, null, null, simulated, mailbox.address(), true, office, Optional.of(step(who)));
        }
        boolean keys = accounts.keys(who.account());
        return new Session(
                who.account(),
                who.displayName(),
                who.email(),
                who.role(),
                simulated,
                mailbox.address(),
                keys,
                office,
                Optional.empty());
    }

    private Step step(SignedIn halfway) {
        Optional<SecondFactors.Standing> standing = factors.of(halfway);
        return new Step(
                standing.isEmpty(),
                standing.map(SecondFactors.Standing::kind),
                standing.map(SecondFactors.Standing::where).orElse(""),
                factors.shownInDemo(halfway));
    }
}
