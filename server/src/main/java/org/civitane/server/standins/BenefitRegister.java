package org.civitane.server.standins;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.annotation.Profile;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The simulated benefit register: which cases of food and cash assistance are active. */
@RestController
@Profile(Simulated.PROFILE)
@Tag(name = "Outside services, simulated")
public class BenefitRegister {
    private final Map<String, Entry> entries = new ConcurrentHashMap<>();

    /**
     * One case.
     *
     * @param status {@code ACTIVE} or {@code CLOSED}
     * @param holder the full name it runs under
     */
    public record Entry(String caseNumber, String kind, String status, String holder, LocalDate since) {}

    public void put(Entry entry) {
        entries.put(entry.caseNumber(), entry);
    }

    @Operation(summary = "A case by its number; 404 when there is none.")
    @GetMapping("/standins/benefit-register/cases/{caseNumber}")
    public ResponseEntity<Entry> find(@PathVariable String caseNumber) {
        Entry entry = entries.get(caseNumber.strip().toUpperCase(Locale.ROOT));
        return entry == null ? ResponseEntity.notFound().build() : ResponseEntity.ok(entry);
    }
}
