package org.civitane.server.misuse;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Cases of misuse: supervisors work them, auditors may look. */
@RestController
class MisuseController {
    private final MisuseCases cases;

    MisuseController(MisuseCases cases) {
        this.cases = cases;
    }

    record CloseCase(
            boolean referred, @NotNull @Size(max = 2000) String words) {}

    @GetMapping("/api/misuse")
    List<MisuseCase> all() {
        return cases.all();
    }

    @PostMapping("/api/misuse/{id}/freeze/{claim}")
    MisuseCase freeze(@PathVariable UUID id, @PathVariable UUID claim, @AuthenticationPrincipal SignedIn who) {
        cases.freeze(id, claim, who);
        return cases.find(id);
    }

    /** @param by the day by which it is to be closed */
    record LookInto(@NotNull LocalDate by) {}

    /** Whoever asks looks into it from now on. */
    @PostMapping("/api/misuse/{id}/take")
    MisuseCase lookInto(
            @PathVariable UUID id, @RequestBody @Valid LookInto wish, @AuthenticationPrincipal SignedIn who) {
        cases.take(id, wish.by(), who);
        return cases.find(id);
    }

    @PostMapping("/api/misuse/{id}/close")
    MisuseCase close(@PathVariable UUID id, @RequestBody @Valid CloseCase wish, @AuthenticationPrincipal SignedIn who) {
        cases.close(id, wish.referred(), wish.words(), who);
        return cases.find(id);
    }
}
