package org.civitane.server.intake;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.core.person.MachineReadableZone;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Looks at the lines of a passport while they are typed, and points at what cannot be right. Nothing is kept. */
@RestController
class ZoneController {
    private static final int LINE = 44;

    private final AgencyClock clock;

    ZoneController(AgencyClock clock) {
        this.clock = clock;
    }

    /** The lines, and what was typed beside them; a text that is empty was not typed yet. */
    record ZoneTyped(
            @NotNull @Size(max = 3) List<@NotNull @Size(max = 60) String> lines,
            @NotNull @Size(max = 120) String name,
            @NotNull @Size(max = 10) String born,
            @NotNull @Size(max = 10) String expires) {}

    /** @param wrong what cannot be right, a sentence each; nothing when all digits and all that was typed agree */
    record ZoneLooked(List<Phrase> wrong) {}

    @PostMapping("/api/drafts/zone")
    ZoneLooked look(@RequestBody @jakarta.validation.Valid ZoneTyped typed) {
        List<Phrase> wrong = new ArrayList<>(shape(typed.lines()));
        MachineReadableZone.read(typed.lines()).ifPresent(zone -> {
            zone.fields().stream()
                    .filter(field -> !field.right())
                    .filter(field -> field.guarded() != MachineReadableZone.Guarded.COMPOSITE
                            || zone.fields().stream()
                                            .filter(each -> !each.right())
                                            .count()
                                    == 1)
                    .forEach(field -> wrong.add(
                            Phrase.of("zone.wrong." + field.guarded(), field.text(), String.valueOf(field.digit()))));
            wrong.addAll(differences(zone, typed));
        });
        return new ZoneLooked(wrong);
    }

    private static List<Phrase> shape(List<String> lines) {
        List<Phrase> wrong = new ArrayList<>();
        if (lines.size() != 2) {
            return List.of(Phrase.of("zone.lines"));
        }
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i);
            if (line.length() != LINE) {
                wrong.add(Phrase.of("zone.length", i + 1, line.length()));
            }
            line.chars()
                    .filter(sign -> !(sign >= 'A' && sign <= 'Z' || sign >= '0' && sign <= '9' || sign == '<'))
                    .mapToObj(Character::toString)
                    .findFirst()
                    .ifPresent(sign -> wrong.add(Phrase.of("zone.sign", sign)));
        }
        return wrong;
    }

    private List<Phrase> differences(MachineReadableZone zone, ZoneTyped typed) {
        List<Phrase> wrong = new ArrayList<>();
        if (!typed.name().isBlank() && zone.nameDiffersFrom(typed.name())) {
            wrong.add(Phrase.of("zone.differs.name"));
        }
        if (differ(typed.born(), zone.dateOfBirth(clock.today()))) {
            wrong.add(Phrase.of("zone.differs.born"));
        }
        if (differ(typed.expires(), zone.expiresOn())) {
            wrong.add(Phrase.of("zone.differs.expires"));
        }
        return wrong;
    }

    private static boolean differ(String typed, Optional<LocalDate> read) {
        try {
            return !typed.isBlank() && !read.equals(Optional.of(LocalDate.parse(typed)));
        } catch (DateTimeParseException e) {
            return false;
        }
    }
}
