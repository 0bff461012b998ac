package org.civitane.server.identity;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Locale;
import java.util.UUID;
import org.civitane.server.access.Role;
import org.civitane.server.access.Sessions;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/**
 * Going on with the camera of a phone. The code is sent, never part of an address that a list keeps. Whoever opens it is
 * told first whose pictures it is for, since anybody can be sent a code of somebody else's.
 */
@RestController
class CarryController {
    private final CarryCodes codes;
    private final Sessions sessions;
    private final Claims claims;

    CarryController(CarryCodes codes, Sessions sessions, Claims claims) {
        this.codes = codes;
        this.sessions = sessions;
        this.claims = claims;
    }

    record CarryToken(@NotNull @Size(max = 100) String token) {}

    /**
     * What a code leads to.
     *
     * @param whose the name of whoever applied
     * @param programme what they applied for
     */
    record CarryFor(String whose, String programme, String number) {}

    /** Which claim the pictures are for. @param signedIn whether its applicant is signed in here, and stays so */
    record CarriedTo(UUID claim, boolean signedIn) {}

    @PostMapping("/api/my/claims/{id}/identity/carry")
    CarryCodes.CarryCode make(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return codes.make(who, id);
    }

    /** Whose pictures a code is for. Nothing changes by it. */
    @PostMapping("/api/carry/look")
    CarryFor look(@RequestBody @Valid CarryToken code) {
        CarryCodes.Carried carried = codes.look(code.token());
        ClaimView claim = claims.claim(carried.claim());
        return new CarryFor(
                carried.applicant().displayName(),
                Claims.programmeOf(claim).wording(Locale.ENGLISH).text("name"),
                claim.number());
    }

    @PostMapping("/api/carry")
    CarriedTo carry(
            @RequestBody @Valid CarryToken code,
            @AuthenticationPrincipal @Nullable SignedIn who,
            HttpServletRequest request,
            HttpServletResponse response) {
        SignedIn applicant = codes.look(code.token()).applicant();
        boolean isSignedIn = who != null && who.role() != Role.CARRYING;
        if (isSignedIn && !who.account().equals(applicant.account())) {
            throw Problem.conflict(
                    "signed-in", Phrase.of("identity.carry.signed-in", who.displayName(), applicant.displayName()));
        }
        CarryCodes.Carried carried = codes.use(code.token());
        if (!isSignedIn) {
            sessions.carry(carried.applicant(), carried.claim(), request, response);
        }
        return new CarriedTo(carried.claim(), isSignedIn);
    }
}
