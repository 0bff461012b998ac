package org.civitane.server.standins;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.LocalDate;
import java.util.List;
import org.civitane.core.person.Names;
import org.springframework.context.annotation.Profile;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/**
 * The simulated police register. It holds a few invented people: who has the name and the birthday of one has entries, who
 * has the name alone may be that person, and of everybody else it holds nothing.
 */
@RestController
@Profile(Simulated.PROFILE)
@Tag(name = "Outside services, simulated")
public class PoliceRegister {
    private static final List<PoliceEntry> HELD = List.of(
            new PoliceEntry(
                    "Marte Lindqvist", LocalDate.of(1984, 2, 11), "Norrhaven", List.of("2019: theft, fine of €900")),
            new PoliceEntry(
                    "Ivo Tavares", LocalDate.of(1979, 8, 30), "Tarnmouth", List.of("2022: assault, six months")));

    /** Who is held. @param entries what is on record, a line each */
    public record PoliceEntry(String name, LocalDate dateOfBirth, String bornAt, List<String> entries) {}

    /** Who is looked for. */
    public record PoliceQuestion(String givenName, String familyName, LocalDate dateOfBirth) {}

    /** What it answers. @param held whom it means, where it means someone */
    public record PoliceAnswer(String result, List<PoliceEntry> held) {}

    @Operation(summary = "What is held on a person: CLEAR, POSSIBLE_MATCH or ENTRIES.")
    @PostMapping("/standins/police-register/people/search")
    public PoliceAnswer find(@RequestBody PoliceQuestion wanted) {
        String name = wanted.givenName() + " " + wanted.familyName();
        List<PoliceEntry> like = HELD.stream()
                .filter(held -> Names.compare(held.name(), name) != Names.Verdict.CONFLICT)
                .toList();
        boolean exactly = like.stream().anyMatch(held -> held.dateOfBirth().equals(wanted.dateOfBirth()));
        return like.isEmpty()
                ? new PoliceAnswer("CLEAR", List.of())
                : new PoliceAnswer(exactly ? "ENTRIES" : "POSSIBLE_MATCH", like);
    }
}
