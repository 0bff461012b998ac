package org.civitane.server.identity;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The letter to the address on record, for staff; and what its code leads to, for whoever has it. */
@RestController
class LetterController {
    private final IdentityLetters letters;

    LetterController(IdentityLetters letters) {
        this.letters = letters;
    }

    record LetterCode(
            @NotNull @Size(max = 40) String number,
            @NotNull @Size(max = 20) String code) {}

    /** @param notMe whether they say that it was not them; else that they are not sure */
    record LetterAnswer(
            @NotNull @Size(max = 40) String number,
            @NotNull @Size(max = 20) String code,
            boolean notMe) {}

    @PostMapping(path = "/api/claims/{id}/identity/letter", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> print(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(letters.print(id, who));
    }

    @PostMapping("/api/letter")
    LetterPage open(@RequestBody @Valid LetterCode wish) {
        try {
            return letters.open(wish.number(), wish.code());
        } catch (IdentityLetters.WrongCode e) {
            throw wrong();
        }
    }

    @PostMapping("/api/letter/answer")
    LetterPage answer(@RequestBody @Valid LetterAnswer wish) {
        try {
            return letters.answer(wish.number(), wish.code(), wish.notMe());
        } catch (IdentityLetters.WrongCode e) {
            throw wrong();
        }
    }

    private static Problem wrong() {
        return Problem.forbidden("code", Phrase.of("identity.wrong-code"));
    }
}
