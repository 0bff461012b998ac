package org.civitane.server.secondlook;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.civitane.core.casefile.Member;
import org.civitane.core.claim.Act;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.DayText;
import org.civitane.server.registers.Register;
import org.civitane.server.registers.RegisterRequest;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The two records side by side, and what people think of them; nobody sees another's opinion before saying their own. */
@RestController
class SecondLookController {
    private final SecondLooks looks;
    private final Dossiers dossiers;
    private final Claims claims;
    private final ClaimActs acts;

    SecondLookController(SecondLooks looks, Dossiers dossiers, Claims claims, ClaimActs acts) {
        this.looks = looks;
        this.dossiers = dossiers;
        this.claims = claims;
        this.acts = acts;
    }

    /** Someone as one side knows them. @param bornAt empty where that is not known */
    record KnownAs(String name, String born, String bornAt, List<String> entries) {}

    /** What someone said, as it may be shown. */
    record OpinionShown(String by, Opinion.Of opinion, String reason) {}

    /**
     * A possible match.
     *
     * @param wanted whether it is still open
     * @param maySay whether whoever asks may say what they think
     * @param said how many have said it
     * @param opinions what may be shown: one's own, and all of them once nobody can be led by them any more
     */
    record SecondLook(
            boolean wanted,
            boolean maySay,
            boolean split,
            int said,
            KnownAs applicant,
            List<KnownAs> held,
            List<OpinionShown> opinions) {}

    record Look(
            @NotNull Opinion.Of opinion,
            @NotNull @Size(max = 2000) String reason) {}

    @GetMapping("/api/claims/{id}/second-look")
    @Transactional(readOnly = true)
    public SecondLook look(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return shown(claims.claim(id), who);
    }

    /** Where a second look is wanted of whoever asks. */
    @GetMapping("/api/day-sheet/second-looks")
    List<SecondLooks.LookWanted> wanted(@AuthenticationPrincipal SignedIn who) {
        return who.role() == Role.AUDITOR ? List.of() : looks.wantedOf(who);
    }

    @PostMapping("/api/claims/{id}/second-look")
    @Transactional
    public SecondLook say(@PathVariable UUID id, @RequestBody @Valid Look look, @AuthenticationPrincipal SignedIn who) {
        claims.hold(id);
        ClaimView claim = claims.claim(id);
        acts.check(claim, Act.ESTABLISH);
        looks.say(claim, look.opinion(), look.reason(), who);
        return shown(claims.claim(id), who);
    }

    private SecondLook shown(ClaimView claim, SignedIn who) {
        Dossier dossier = dossiers.of(claim);
        List<Opinion> said = looks.of(dossier);
        boolean wanted = looks.isWanted(dossier);
        boolean split = SecondLooks.isSplit(said);
        boolean own = said.stream().anyMatch(each -> each.reader().equals(who.account()));
        boolean maySay = wanted
                && !own
                && who.role() != Role.AUDITOR
                && (said.size() < 2 || split && who.role() == Role.SUPERVISOR);
        boolean all = !wanted || split || said.size() > 2;
        return new SecondLook(
                wanted,
                maySay,
                split,
                said.size(),
                applicant(dossier),
                held(dossier),
                said.stream()
                        .filter(each -> all || each.reader().equals(who.account()))
                        .map(each -> new OpinionShown(each.by(), each.of(), each.reason()))
                        .toList());
    }

    private static KnownAs applicant(Dossier dossier) {
        Member applicant = dossier.applicant();
        return new KnownAs(applicant.name().full(), DayText.date(applicant.dateOfBirth()), "", List.of());
    }

    private static List<KnownAs> held(Dossier dossier) {
        List<KnownAs> held = new ArrayList<>();
        dossier.requests().stream()
                .filter(request -> request.register() == Register.POLICE)
                .map(RegisterRequest::answer)
                .flatMap(java.util.Optional::stream)
                .flatMap(answer -> answer.path("held").valueStream())
                .forEach(each -> held.add(new KnownAs(
                        each.path("name").asString(""),
                        DayText.date(java.time.LocalDate.parse(
                                each.path("dateOfBirth").asString())),
                        each.path("bornAt").asString(""),
                        entries(each).toList())));
        return held;
    }

    private static Stream<String> entries(JsonNode held) {
        return held.path("entries").valueStream().map(JsonNode::asString);
    }
}
