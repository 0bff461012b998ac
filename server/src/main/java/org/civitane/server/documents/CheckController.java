package org.civitane.server.documents;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Optional;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Network;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** The page on which anyone checks a document; it says nothing of anybody. */
@RestController
class CheckController {
    /** More than any document that is made out here. */
    private static final int MOST_BYTES = 8 * 1024 * 1024;

    private final Documents documents;
    private final CheckTries tries;
    private final AgencyClock clock;

    CheckController(Documents documents, CheckTries tries, AgencyClock clock) {
        this.documents = documents;
        this.tries = tries;
        this.clock = clock;
    }

    /** @param state {@code STANDS}, {@code REPLACED}, {@code REVOKED}, {@code LAPSED} or {@code UNKNOWN} */
    record Checked(
            String state,
            String title,
            Optional<LocalDate> issuedOn,
            Optional<LocalDate> validUntil,
            Optional<LocalDate> revokedOn) {}

    @GetMapping("/api/check/{number}")
    Checked check(@PathVariable String number, HttpServletRequest request) {
        String network = Network.of(request);
        tries.mayTry(network);
        return tries.counted(network, documents.numbered(number))
                .map(this::checked)
                .orElseGet(CheckController::unknown);
    }

    private Checked checked(Issued document) {
        return new Checked(
                document.on(clock.today()).name(),
                documents.titleOf(document),
                Optional.of(document.issuedOn()),
                Optional.of(document.validUntil()),
                document.revoked().map(Issued.Revoked::on));
    }

    private static Checked unknown() {
        return new Checked("UNKNOWN", "", Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** A file as it is: unchanged, it is one that was made out here. It is not kept. */
    @PostMapping("/api/check/file")
    Checked checkFile(HttpServletRequest request) throws IOException {
        String network = Network.of(request);
        tries.mayTry(network);
        byte[] contents = request.getInputStream().readNBytes(MOST_BYTES + 1);
        Optional<Issued> found =
                Optional.of(contents).filter(file -> file.length <= MOST_BYTES).flatMap(documents::unchanged);
        return tries.counted(network, found).map(this::checked).orElseGet(CheckController::unknown);
    }
}
