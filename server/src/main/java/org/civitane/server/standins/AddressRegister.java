package org.civitane.server.standins;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Comparator;
import java.util.List;
import org.civitane.core.person.Names;
import org.springframework.context.annotation.Profile;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The simulated address register: which streets there are, and under which post code. */
@RestController
@Profile(Simulated.PROFILE)
@Tag(name = "Outside services, simulated")
public class AddressRegister {
    private static final double LIKE_FROM = 0.85;
    private static final int MOST = 3;
    private static final List<Street> STREETS = List.of(
            new Street("Skerry Lane", "2110", "Skerrow"),
            new Street("Skerry Hill", "2114", "Skerrow"),
            new Street("Ferry Stairs", "2118", "Skerrow"),
            new Street("Tarn Quay", "3204", "Tarnmouth"),
            new Street("Tarn Bridge Road", "3206", "Tarnmouth"),
            new Street("Rope Walk", "3211", "Tarnmouth"),
            new Street("Harbour Row", "1105", "Norrhaven"),
            new Street("Cooper's Yard", "1107", "Norrhaven"),
            new Street("Lantern Street", "1112", "Norrhaven"),
            new Street("Old Kiln Road", "4020", "Eastfold"),
            new Street("Meadow End", "4023", "Eastfold"),
            new Street("Chapel Field", "4031", "Eastfold"));

    /** A street in a place. */
    public record Street(String name, String postCode, String place) {}

    /** An address as someone wrote it. */
    public record Wanted(String street, String houseNumber, String postCode) {}

    /** An address as the register writes it. */
    public record Found(String street, String houseNumber, String postCode, String place) {}

    /** @param exact the address is written as the register has it @param suggestions the nearest first */
    public record Answer(boolean exact, List<Found> suggestions) {}

    public static List<Street> streets() {
        return STREETS;
    }

    @Operation(summary = "The right spelling of an address, and what comes near it.")
    @PostMapping("/standins/address-register/search")
    public Answer find(@RequestBody Wanted wanted) {
        String street = Names.normalise(wanted.street());
        List<Found> near = STREETS.stream()
                .filter(each -> likeness(each, street) >= LIKE_FROM)
                .sorted(Comparator.comparing((Street each) -> !each.postCode().equals(wanted.postCode()))
                        .thenComparing(each -> -likeness(each, street)))
                .limit(MOST)
                .map(each -> new Found(each.name(), wanted.houseNumber(), each.postCode(), each.place()))
                .toList();
        boolean exact = near.stream()
                .anyMatch(found -> found.street().equals(wanted.street().strip())
                        && found.postCode().equals(wanted.postCode().strip()));
        return new Answer(exact, near);
    }

    private static double likeness(Street each, String normalised) {
        return Names.similarity(Names.normalise(each.name()), normalised);
    }
}
