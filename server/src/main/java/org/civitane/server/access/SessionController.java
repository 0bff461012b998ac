package org.civitane.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
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

/** Signing up, in and out, which anyone may; and how whoever is signed in wants to work. */
@RestController
class SessionController {
    private final Accounts accounts;
    private final Sessions sessions;
    private final Tries tries;
    private final boolean simulated;

    SessionController(Accounts accounts, Sessions sessions, Tries tries, Environment environment) {
        this.simulated = environment.matchesProfiles(Simulated.PROFILE);
        this.accounts = accounts;
        this.sessions = sessions;
        this.tries = tries;
    }

    /**
     * Who is signed in.
     *
     * @param role absent while nobody is
     * @param simulated whether the outside services of this server are simulated
     * @param keys whether single letters do something at the desk
     */
    record Session(
            @Nullable String name,
            @Nullable String email,
            @Nullable Role role,
            boolean simulated,
            boolean keys) {}

    record Keys(boolean on) {}

    record SignIn(
            @NotNull @Size(max = 250) String email,
            @NotNull @Size(max = 1000) String password) {}

    record SignUp(
            @NotNull @Size(max = 250) String email,
            @NotNull @Size(max = 120) String displayName,
            @NotNull @Size(max = 1000) String password) {}

    record Colleague(String id, String name) {}

    @GetMapping("/api/session")
    Session session(@AuthenticationPrincipal @Nullable SignedIn who) {
        return who == null ? new Session(null, null, null, simulated, true) : of(who);
    }

    @PostMapping("/api/session")
    Session signIn(@RequestBody @Valid SignIn attempt, HttpServletRequest request, HttpServletResponse response) {
        Tries.From from = Devices.of(request);
        SignedIn who = accounts.authenticate(attempt.email(), attempt.password(), from)
                .orElseThrow(() -> Problem.unauthorized(Phrase.of("account.wrong")));
        return enter(who, from, request, response);
    }

    @PostMapping("/api/account")
    @ResponseStatus(HttpStatus.CREATED)
    Session signUp(@RequestBody @Valid SignUp wish, HttpServletRequest request, HttpServletResponse response) {
        Tries.From from = Devices.of(request);
        tries.signUp(from.network());
        return enter(
                accounts.register(wish.email(), wish.displayName(), wish.password(), Role.APPLICANT),
                from,
                request,
                response);
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

    private Session enter(SignedIn who, Tries.From from, HttpServletRequest request, HttpServletResponse response) {
        Devices.remember(tries.know(who.account(), from), request, response);
        sessions.enter(who, request, response);
        return of(who);
    }

    private Session of(SignedIn who) {
        return new Session(who.displayName(), who.email(), who.role(), simulated, accounts.keys(who.account()));
    }
}
