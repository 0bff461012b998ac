package org.civitane.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * The second step of signing in, and setting it up. Whoever is halfway in may set one up only where they have none, since
 * what they showed so far is the password alone.
 */
@RestController
class FactorController {
    private final SecondFactors factors;
    private final Accounts accounts;
    private final Entrance entrance;
    private final Tries tries;
    private final SessionController sessions;

    FactorController(
            SecondFactors factors, Accounts accounts, Entrance entrance, Tries tries, SessionController sessions) {
        this.factors = factors;
        this.accounts = accounts;
        this.entrance = entrance;
        this.tries = tries;
        this.sessions = sessions;
    }

    /** @param code of the app, as it was sent, or one of the recovery codes */
    record StepCode(@NotNull @Size(max = 40) String code) {}

    record FactorWish(
            @NotNull SecondFactor.Kind kind,
            @NotNull @Size(max = 20) String phone,
            @NotNull @Size(max = 1000) String password) {}

    record OwnPassword(@NotNull @Size(max = 1000) String password) {}

    /** @param required whether this account may not be without */
    record OwnFactor(boolean required, boolean hasMail, Optional<SecondFactors.Standing> standing) {}

    /** @param recovery codes for the day on which the phone is lost; they are never shown again */
    record FactorOn(List<String> recovery, SessionController.Session session) {}

    @PostMapping("/api/session/code")
    SessionController.Session code(
            @RequestBody @Valid StepCode shown,
            @AuthenticationPrincipal SignedIn halfway,
            HttpServletRequest request,
            HttpServletResponse response) {
        long attempt = tries.begin(halfway.email(), Devices.of(request));
        if (!factors.isRight(halfway, shown.code())) {
            throw Problem.invalid("code", Phrase.of("account.code-wrong"));
        }
        tries.takeBack(attempt);
        return sessions.of(entrance.allTheWay(halfway, request, response));
    }

    /** Sends another code, where codes are sent. */
    @PostMapping("/api/session/code/again")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void again(@AuthenticationPrincipal SignedIn halfway) {
        factors.ask(halfway);
    }

    @GetMapping("/api/account/second-factor")
    @Transactional(readOnly = true)
    OwnFactor mine(@AuthenticationPrincipal SignedIn who) {
        return new OwnFactor(factors.isRequired(roleOf(who)), who.email().contains("@"), factors.of(who));
    }

    @PostMapping("/api/account/second-factor")
    SecondFactors.Begun begin(
            @RequestBody @Valid FactorWish wish, @AuthenticationPrincipal SignedIn who, HttpServletRequest request) {
        mayChange(who, wish.password(), request);
        return factors.begin(
                new SignedIn(who.account(), who.email(), who.displayName(), roleOf(who)), wish.kind(), wish.phone());
    }

    @PutMapping("/api/account/second-factor")
    FactorOn confirm(
            @RequestBody @Valid StepCode shown,
            @AuthenticationPrincipal SignedIn who,
            HttpServletRequest request,
            HttpServletResponse response) {
        boolean isHalfway = who.role() == Role.HALFWAY;
        if (isHalfway) {
            onlyWithoutOne(who);
        }
        long attempt = tries.begin(who.email(), Devices.of(request));
        List<String> recovery = factors.confirm(who, shown.code());
        tries.takeBack(attempt);
        return new FactorOn(recovery, sessions.of(isHalfway ? entrance.allTheWay(who, request, response) : who));
    }

    @PostMapping("/api/account/second-factor/end")
    OwnFactor end(
            @RequestBody @Valid OwnPassword proof, @AuthenticationPrincipal SignedIn who, HttpServletRequest request) {
        if (factors.isRequired(who.role())) {
            throw Problem.conflict("second-factor-required", Phrase.of("account.factor-required"));
        }
        mayChange(who, proof.password(), request);
        factors.remove(who.account());
        return mine(who);
    }

    private void mayChange(SignedIn who, String password, HttpServletRequest request) {
        if (who.role() == Role.HALFWAY) {
            onlyWithoutOne(who);
        } else {
            accounts.confirmOwn(who, password, Devices.of(request));
        }
    }

    private void onlyWithoutOne(SignedIn halfway) {
        if (factors.of(halfway).isPresent()) {
            throw Problem.forbidden(Phrase.of("account.factor-first"));
        }
    }

    private Role roleOf(SignedIn who) {
        return accounts.account(who.account()).role();
    }
}
