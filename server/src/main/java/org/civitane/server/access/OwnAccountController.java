package org.civitane.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One's own account: where it is signed in, when it was used, and closing it. */
@RestController
class OwnAccountController {
    private final OwnSessions sessions;
    private final SignIns signIns;
    private final Closing closing;

    OwnAccountController(OwnSessions sessions, SignIns signIns, Closing closing) {
        this.sessions = sessions;
        this.signIns = signIns;
        this.closing = closing;
    }

    @GetMapping("/api/account/sessions")
    List<OwnSessions.SignedInAt> places(@AuthenticationPrincipal SignedIn who, HttpServletRequest request) {
        return sessions.of(who, request.getSession().getId());
    }

    @DeleteMapping("/api/account/sessions")
    List<OwnSessions.SignedInAt> endOthers(@AuthenticationPrincipal SignedIn who, HttpServletRequest request) {
        sessions.endOthers(who.getName(), request.getSession().getId());
        return places(who, request);
    }

    @GetMapping("/api/account/sign-ins")
    List<SignIns.Used> used(@AuthenticationPrincipal SignedIn who) {
        return signIns.of(who.account());
    }

    /** For applicants: closed accounts cannot be opened again by their owner; claims go on by letter. */
    @PostMapping("/api/account/close")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void close(
            @RequestBody @Valid FactorController.OwnPassword proof,
            @AuthenticationPrincipal SignedIn who,
            HttpServletRequest request) {
        closing.close(who, proof.password(), Devices.of(request));
        request.getSession().invalidate();
    }
}
