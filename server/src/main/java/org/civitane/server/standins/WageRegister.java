package org.civitane.server.standins;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.civitane.core.person.Names;
import org.springframework.context.annotation.Profile;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The simulated wage register: what employers reported for each month. */
@RestController
@Profile(Simulated.PROFILE)
@Tag(name = "Outside services, simulated")
public class WageRegister {
    private final List<Entry> entries = new CopyOnWriteArrayList<>();

    /** What one employer reported for one person and month. */
    public record Entry(String name, LocalDate dateOfBirth, String employer, YearMonth month, String gross) {}

    /** Whose wages are asked for; both months included. */
    public record Wanted(String name, LocalDate dateOfBirth, YearMonth from, YearMonth to) {}

    /** One month as it is answered. */
    public record Month(String employer, String month, String gross) {}

    /** All months that were reported; none is an answer too. */
    public record Answer(List<Month> months) {}

    public void put(Entry entry) {
        entries.add(entry);
    }

    @Operation(summary = "What was reported for a person from one month to another.")
    @PostMapping("/standins/wage-register/wages/search")
    public Answer find(@RequestBody Wanted wanted) {
        return new Answer(entries.stream()
                .filter(entry -> entry.dateOfBirth().equals(wanted.dateOfBirth()))
                .filter(entry -> Names.compare(entry.name(), wanted.name()) != Names.Verdict.CONFLICT)
                .filter(entry ->
                        !entry.month().isBefore(wanted.from()) && !entry.month().isAfter(wanted.to()))
                .map(entry -> new Month(entry.employer(), entry.month().toString(), entry.gross()))
                .toList());
    }
}
