package org.civitane.server.household;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.identity.Verdicts;
import org.civitane.core.person.Names;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Finds known people who may be the same as someone of a new claim. */
@Component
class Likeness {
    private static final int MOST = 3;
    private static final int MOST_LOOKED_AT = 60;

    private final JdbcClient database;

    Likeness(JdbcClient database) {
        this.database = database;
    }

    /** What speaks for it, the strongest first. */
    enum By {
        NUMBER,
        NAME_AND_BIRTH,
        NEAR_NAME,
        NEAR_BIRTH
    }

    /** Someone known. */
    record Known(UUID id, By by) {}

    private record Candidate(UUID id, String name, LocalDate born, String number) {}

    /**
     * At most three, the likeliest first. Only people who stand in a claim under themselves are proposed, so that one
     * person confirmed many times is proposed once.
     *
     * @param self the person asked about, who is not their own likeness
     */
    List<Known> of(UUID self, String name, LocalDate born, String number) {
        List<Candidate> candidates = database.sql("""
                        select p.id, p.name, p.born, p.number from person p
                        where p.id <> ? and ((? <> '' and p.number = ?) or p.born = ? or p.name = ?)
                          and exists (select 1 from claim_person cp where cp.person_id = p.id)
                        order by (? <> '' and p.number = ?) desc, p.name = ? desc, similarity(p.name, ?) desc, p.id
                        limit ?""")
                .params(self, number, number, born, name, number, number, name, name, MOST_LOOKED_AT)
                .query((row, at) -> new Candidate(
                        row.getObject(1, UUID.class),
                        row.getString(2),
                        row.getObject(3, LocalDate.class),
                        row.getString(4)))
                .list();
        List<Known> found = new ArrayList<>();
        for (By by : By.values()) {
            for (Candidate candidate : candidates) {
                if (by(candidate, name, born, number).equals(Optional.of(by))) {
                    found.add(new Known(candidate.id(), by));
                }
            }
        }
        return found.subList(0, Math.min(MOST, found.size()));
    }

    private static Optional<By> by(Candidate known, String name, LocalDate born, String number) {
        if (!number.isEmpty() && number.equals(known.number())) {
            return Optional.of(By.NUMBER);
        }
        boolean numbersDiffer = !number.isEmpty() && !known.number().isEmpty();
        if (numbersDiffer) {
            return Optional.empty();
        }
        Names.Verdict names = Names.compare(name, known.name());
        boolean sameBirth = born.equals(known.born());
        return switch (names) {
            case MATCH ->
                sameBirth
                        ? Optional.of(By.NAME_AND_BIRTH)
                        : Verdicts.ofBirth(born, known.born()) == Verdicts.Verdict.NEAR
                                ? Optional.of(By.NEAR_BIRTH)
                                : Optional.empty();
            case NEAR -> sameBirth ? Optional.of(By.NEAR_NAME) : Optional.empty();
            case CONFLICT, ABSENT -> Optional.empty();
        };
    }
}
