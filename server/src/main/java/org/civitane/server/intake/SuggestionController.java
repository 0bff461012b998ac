package org.civitane.server.intake;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.civitane.core.occupation.OccupationSearch;
import org.civitane.server.registers.Employers;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What fits what is typed, while people apply: what they do, and where. */
@RestController
class SuggestionController {
    private static final int MOST = 8;
    private static final int FEWEST_LETTERS = 2;

    private final Employers employers;

    SuggestionController(Employers employers) {
        this.employers = employers;
    }

    record Typed(@NotNull @Size(max = 80) String words) {}

    /**
     * Something that fits.
     *
     * @param value what is kept when it is chosen
     * @param more what tells it apart: an everyday word for it, a place
     */
    record Fitting(String value, String label, Optional<String> more) {}

    /** Unit groups of ISCO-08, the best first. */
    @PostMapping("/api/my/occupations")
    List<Fitting> occupations(@RequestBody @Valid Typed typed) {
        return OccupationSearch.find(typed.words(), MOST).stream()
                .map(found -> new Fitting(found.group().code(), found.group().title(), found.word()))
                .toList();
    }

    /** Employers as their register has them; none where it is silent. */
    @PostMapping("/api/my/employers")
    List<Fitting> employers(@RequestBody @Valid Typed typed) {
        return typed.words().strip().length() < FEWEST_LETTERS
                ? List.of()
                : employers.like(typed.words().strip()).stream()
                        .map(each -> new Fitting(each.name(), each.name(), Optional.of(each.place())))
                        .toList();
    }
}
