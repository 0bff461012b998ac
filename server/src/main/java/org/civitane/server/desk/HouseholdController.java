package org.civitane.server.desk;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Contact;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.evidence.HoldingPapers;
import org.civitane.server.household.Match;
import org.civitane.server.household.Persons;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The household behind a claim, for staff: its people, their claims over time, papers that still hold. */
@RestController
class HouseholdController {
    private final Claims claims;
    private final ClaimActs acts;
    private final Persons persons;
    private final Dossiers dossiers;
    private final HoldingPapers holding;
    private final AgencyClock clock;

    HouseholdController(
            Claims claims,
            ClaimActs acts,
            Persons persons,
            Dossiers dossiers,
            HoldingPapers holding,
            AgencyClock clock) {
        this.claims = claims;
        this.acts = acts;
        this.persons = persons;
        this.dossiers = dossiers;
        this.holding = holding;
        this.clock = clock;
    }

    /** Someone of the household. @param claims the numbers of all claims in which they stand */
    record Someone(
            String member, String name, LocalDate born, String relationship, Contact contact, List<String> claims) {}

    /** One claim of theirs. */
    record Theirs(UUID id, String number, String programme, String state, LocalDate receivedOn, Phrase nextStep) {}

    record Household(
            UUID claim,
            String name,
            List<Someone> people,
            List<Theirs> claims,
            List<HoldingPapers.Held> papers,
            List<Match> matches) {}

    record Same(boolean same) {}

    @GetMapping("/api/claims/{id}/household")
    @Transactional(readOnly = true)
    Household household(@PathVariable UUID id) {
        Dossier dossier = dossiers.of(id);
        List<Persons.ClaimOfPerson> standings = persons.claimsOfHousehold(id);
        Map<String, UUID> personOf = new LinkedHashMap<>();
        standings.stream()
                .filter(each -> each.claim().equals(id))
                .forEach(each -> personOf.put(each.member(), each.person()));
        Map<String, Contact> byMember = dossier.contacts();
        List<Someone> people = new ArrayList<>();
        dossier.said()
                .file()
                .members()
                .forEach(member -> people.add(new Someone(
                        member.id(),
                        member.name().full(),
                        member.dateOfBirth(),
                        member.relationship().name(),
                        byMember.getOrDefault(member.id(), Contact.UNKNOWN),
                        standings.stream()
                                .filter(each -> each.person().equals(personOf.get(member.id())))
                                .map(Persons.ClaimOfPerson::number)
                                .distinct()
                                .toList())));
        List<Theirs> theirs = standings.stream()
                .map(Persons.ClaimOfPerson::claim)
                .distinct()
                .map(claims::claim)
                .map(HouseholdController::theirs)
                .toList();
        return new Household(
                id,
                dossier.claim().householdName(),
                people,
                theirs,
                holding.of(id, dossier.applicant().id(), clock.today()),
                persons.matches(id));
    }

    @PostMapping("/api/claims/{id}/household/{member}/{known}")
    Household match(
            @PathVariable UUID id,
            @PathVariable String member,
            @PathVariable UUID known,
            @RequestBody Same same,
            @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.CORRESPOND, claim -> {
            persons.settle(claim, member, known, same.same(), who);
            return household(id);
        });
    }

    private static Theirs theirs(ClaimView claim) {
        return new Theirs(
                claim.id(),
                claim.number(),
                Claims.programmeOf(claim).wording(Locale.ENGLISH).text("name"),
                claim.state().name(),
                claim.receivedOn(),
                claim.nextStep());
    }
}
