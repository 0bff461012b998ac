package org.civitane.server.standins;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.civitane.core.person.Names;
import org.springframework.context.annotation.Profile;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The simulated register of employers: who employs people, and where they have their seat. */
@RestController
@Profile(Simulated.PROFILE)
@Tag(name = "Outside services, simulated")
public class EmployerRegister {
    private static final int MOST = 6;
    private static final List<Employer> EMPLOYERS = List.of(
            new Employer("Skerry Ferries", "Skerrow"),
            new Employer("Skerrow Ferries", "Skerrow"),
            new Employer("Skerrow Salmon Works", "Skerrow"),
            new Employer("Tarn Quay Bakery", "Tarnmouth"),
            new Employer("Tarnmouth Rope and Sail", "Tarnmouth"),
            new Employer("Tarnmouth General Hospital", "Tarnmouth"),
            new Employer("Eastfold Nurseries", "Eastfold"),
            new Employer("Eastfold Dairy", "Eastfold"),
            new Employer("Norrhaven Cold Store", "Norrhaven"),
            new Employer("Norrhaven Tramways", "Norrhaven"),
            new Employer("Lantern Street Hotel", "Norrhaven"),
            new Employer("Cooper's Yard Joinery", "Norrhaven"));

    /** Someone who employs people. */
    public record Employer(String name, String place) {}

    /** A name as someone has typed it so far. */
    public record Wanted(String name) {}

    public record Answer(List<Employer> employers) {}

    @Operation(summary = "Employers whose name begins with, has, or is like what was typed.")
    @PostMapping("/standins/employer-register/search")
    public Answer find(@RequestBody Wanted wanted) {
        List<String> typed = words(wanted.name());
        return new Answer(
                typed.isEmpty()
                        ? List.of()
                        : EMPLOYERS.stream()
                                .filter(each -> isLike(each, typed))
                                .sorted(Comparator.comparing(Employer::name))
                                .limit(MOST)
                                .toList());
    }

    /** Every typed word begins one of the name, or the whole is near it. */
    private static boolean isLike(Employer employer, List<String> typed) {
        List<String> name = words(employer.name());
        return typed.stream().allMatch(word -> name.stream().anyMatch(each -> each.startsWith(word)))
                || Names.compare(employer.name(), String.join(" ", typed)) == Names.Verdict.NEAR;
    }

    private static List<String> words(String text) {
        return Arrays.stream(Names.normalise(text).split(" "))
                .filter(word -> !word.isEmpty())
                .toList();
    }
}
