package org.civitane.server.intake;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.core.person.MachineReadableZone;
import org.civitane.server.access.SignedIn;
import org.civitane.server.papers.PassportPages;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Looks at the lines of a passport while they are typed, and points at what cannot be right. Nothing is kept. */
@RestController
class ZoneController {
    private static final int LINE = 44;

    private final PassportPages pages;
    private final AgencyClock clock;

    ZoneController(PassportPages pages, AgencyClock clock) {
        this.pages = pages;
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

    /**
     * What a photographed page says.
     *
     * @param lines empty where none were seen
     * @param born empty where it cannot be read
     * @param expires empty where it cannot be read
     */
    record ZoneSeen(List<String> lines, String number, Optional<LocalDate> born, Optional<LocalDate> expires) {}

    /** The picture comes as the body itself, and is not kept. */
    @PostMapping("/api/drafts/zone/picture")
    ZoneSeen see(HttpServletRequest request, @AuthenticationPrincipal SignedIn who) throws IOException {
        byte[] picture = request.getInputStream().readNBytes(PassportPages.MOST_BYTES + 1);
        if (picture.length > PassportPages.MOST_BYTES) {
            throw Problem.tooLarge(Phrase.of("zone.too-large"));
        }
        List<String> lines = pages.zoneOn(picture, who.account().toString()).orElse(List.of());
        Optional<MachineReadableZone> zone = MachineReadableZone.read(lines);
        return new ZoneSeen(
                lines,
                zone.map(ZoneController::number).orElse(""),
                zone.flatMap(read -> read.dateOfBirth(clock.today())),
                zone.flatMap(MachineReadableZone::expiresOn));
    }

    private static String number(MachineReadableZone zone) {
        return zone.fields().stream()
                .filter(field -> field.guarded() == MachineReadableZone.Guarded.NUMBER && field.right())
                .map(field -> field.text().replace("<", ""))
                .findFirst()
                .orElse("");
    }

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
