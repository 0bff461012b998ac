package org.civitane.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Passwords that are forgotten or changed. */
@RestController
class PasswordController {
    private final NewPasswords passwords;
    private final OwnSessions sessions;

    PasswordController(NewPasswords passwords, OwnSessions sessions) {
        this.passwords = passwords;
        this.sessions = sessions;
    }

    record Forgotten(@NotNull @Size(max = 250) String email) {}

    record ByLink(
            @NotNull @Size(max = 100) String token,
            @NotNull @Size(max = 1000) String password) {}

    record PasswordChange(
            @NotNull @Size(max = 1000) String before,
            @NotNull @Size(max = 1000) String password) {}

    /** The answer is the same whether or not anybody has that address. */
    @PostMapping("/api/password/forgotten")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void forgotten(@RequestBody @Valid Forgotten wish, HttpServletRequest request) {
        passwords.askForLink(wish.email(), Devices.of(request));
    }

    @PostMapping("/api/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void byLink(@RequestBody @Valid ByLink wish) {
        passwords.setByLink(wish.token(), wish.password());
    }

    @PutMapping("/api/account/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(
            @RequestBody @Valid PasswordChange wish,
            @AuthenticationPrincipal SignedIn who,
            HttpServletRequest request) {
        passwords.change(who, wish.before(), wish.password(), Devices.of(request));
        sessions.endOthers(who.getName(), request.getSession().getId());
    }
}
