package org.civitane.server.standins;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import org.civitane.core.person.Address;
import org.civitane.core.person.Names;
import org.springframework.context.annotation.Profile;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The simulated civil register: who lives in Halvern, under which name and number, and where. */
@RestController
@Profile(Simulated.PROFILE)
@Tag(name = "Outside services, simulated")
public class CivilRegister {
    private final List<Entry> entries = new CopyOnWriteArrayList<>();

    /** One person. @param previousNames full names they had before */
    public record Entry(
            String givenName,
            String familyName,
            List<String> previousNames,
            LocalDate dateOfBirth,
            Optional<String> personNumber,
            Optional<Address> address,
            Optional<LocalDate> deceasedOn) {
        String name() {
            return givenName + " " + familyName;
        }
    }

    /** Who is looked for. */
    public record Wanted(String givenName, String familyName, LocalDate dateOfBirth, Optional<String> personNumber) {
        String name() {
            return givenName + " " + familyName;
        }
    }

    public void put(Entry entry) {
        entries.add(entry);
    }

    @Operation(summary = "A person by number, else by name and date of birth; 404 when there is none.")
    @PostMapping("/standins/civil-register/people/search")
    public ResponseEntity<Entry> find(@RequestBody Wanted wanted) {
        return byNumber(wanted)
                .or(() -> like(wanted, true))
                .or(() -> like(wanted, false))
                .map(ResponseEntity::ok)
                .orElse(ResponseEntity.notFound().build());
    }

    private Optional<Entry> byNumber(Wanted wanted) {
        return wanted.personNumber()
                .flatMap(number -> entries.stream()
                        .filter(entry -> entry.personNumber().equals(Optional.of(number)))
                        .findFirst());
    }

    /** By its name, now or before, and by its date of birth as well where that is asked for. */
    private Optional<Entry> like(Wanted wanted, boolean sameBirth) {
        return entries.stream()
                .filter(entry -> !sameBirth || entry.dateOfBirth().equals(wanted.dateOfBirth()))
                .filter(entry -> isNamed(entry, wanted.name(), sameBirth))
                .findFirst();
    }

    private static boolean isNamed(Entry entry, String name, boolean orNearly) {
        Names.Verdict now = Names.compare(entry.name(), name);
        return now == Names.Verdict.MATCH
                || orNearly && now == Names.Verdict.NEAR
                || entry.previousNames().stream()
                        .anyMatch(former -> Names.compare(former, name) == Names.Verdict.MATCH);
    }
}
