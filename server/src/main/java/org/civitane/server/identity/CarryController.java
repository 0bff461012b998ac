package org.civitane.server.identity;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.civitane.server.access.Sessions;
import org.civitane.server.access.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Going on with the camera of a phone. The code is sent, never part of an address that a list keeps. */
@RestController
class CarryController {
    private final CarryCodes codes;
    private final Sessions sessions;

    CarryController(CarryCodes codes, Sessions sessions) {
        this.codes = codes;
        this.sessions = sessions;
    }

    record CarryToken(@NotNull @Size(max = 100) String token) {}

    /** Which claim the pictures are for. */
    record CarriedTo(UUID claim) {}

    @PostMapping("/api/my/claims/{id}/identity/carry")
    CarryCodes.CarryCode make(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return codes.make(who, id);
    }

    @PostMapping("/api/carry")
    CarriedTo carry(@RequestBody @Valid CarryToken code, HttpServletRequest request, HttpServletResponse response) {
        CarryCodes.Carried carried = codes.use(code.token());
        sessions.carry(carried.applicant(), carried.claim(), request, response);
        return new CarriedTo(carried.claim());
    }
}
