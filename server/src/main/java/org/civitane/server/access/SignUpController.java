package org.civitane.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing up, which anyone may, and confirming addresses. */
@RestController
class SignUpController {
    private final SignUps signUps;
    private final OtherAddresses addresses;
    private final Entrance entrance;
    private final SessionController sessions;

    SignUpController(SignUps signUps, OtherAddresses addresses, Entrance entrance, SessionController sessions) {
        this.signUps = signUps;
        this.addresses = addresses;
        this.entrance = entrance;
        this.sessions = sessions;
    }

    record SignUp(
            @NotNull @Size(max = 250) String email,
            @NotNull @Size(max = 120) String displayName,
            @NotNull @Size(max = 1000) String password) {}

    /** @param token by which whoever asked goes on with the code that is sent */
    record SignUpBegun(String token) {}

    record SignUpCode(
            @NotNull @Size(max = 100) String token,
            @NotNull @Size(max = 20) String code) {}

    record AddressToken(@NotNull @Size(max = 100) String token) {}

    /** The answer is the same whether or not anybody has that address. */
    @PostMapping("/api/account")
    @ResponseStatus(HttpStatus.ACCEPTED)
    SignUpBegun signUp(@RequestBody @Valid SignUp wish, HttpServletRequest request) {
        return new SignUpBegun(signUps.ask(wish.email(), wish.displayName(), wish.password(), Devices.of(request)));
    }

    @PostMapping("/api/account/confirm")
    @ResponseStatus(HttpStatus.CREATED)
    SessionController.Session confirm(
            @RequestBody @Valid SignUpCode shown, HttpServletRequest request, HttpServletResponse response) {
        return sessions.of(entrance.enter(signUps.confirm(shown.token(), shown.code()), request, response));
    }

    /** Whoever opened the link says that the address is theirs. */
    @PostMapping("/api/address")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void address(@RequestBody @Valid AddressToken shown) {
        addresses.confirm(shown.token());
    }
}
