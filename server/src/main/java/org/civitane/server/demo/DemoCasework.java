package org.civitane.server.demo;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.corrections.FixList;
import org.civitane.server.corrections.FixListAnswers;
import org.civitane.server.corrections.FixLists;
import org.civitane.server.corrections.Point;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/** What caseworkers and applicants of the demo do on their claims. */
@Component
@Profile(Simulated.PROFILE)
class DemoCasework {
    private final ClaimActs acts;
    private final Claims claims;
    private final FixLists fixLists;
    private final FixListAnswers answers;
    private final Decisions decisions;
    private final Dossiers dossiers;
    private final DemoIdentities identities;

    DemoCasework(
            ClaimActs acts,
            Claims claims,
            FixLists fixLists,
            FixListAnswers answers,
            Decisions decisions,
            Dossiers dossiers,
            DemoIdentities identities) {
        this.acts = acts;
        this.claims = claims;
        this.fixLists = fixLists;
        this.answers = answers;
        this.decisions = decisions;
        this.dossiers = dossiers;
        this.identities = identities;
    }

    /** Who is asked who they are. */
    DemoIdentities identities() {
        return identities;
    }

    ClaimView take(ClaimView claim, SignedIn caseworker) {
        return acts.take(claim.id(), caseworker);
    }

    ClaimView sendFixList(ClaimView claim, SignedIn caseworker) {
        ClaimView taken = claims.claim(claim.id());
        Point point = Point.asking(
                "incomes/i1/amount",
                "Wages",
                "The amount you gave is not the one we expected for this work. Which months does it cover, and is it before tax?",
                "The amount before tax for one week or month, as on your newest pay slip.");
        fixLists.save(taken, List.of(point), fixLists.suggestedDueOn(taken), FixList.Then.DECIDE);
        fixLists.send(taken, caseworker);
        return taken;
    }

    ClaimView answer(SignedIn applicant, ClaimView claim) {
        ObjectNode file = JsonColumn.readObject(claims.newestEdition(claims.claim(claim.id())));
        String amount = file.path("incomes").path(0).path("amount").asString();
        String corrected = amount.replaceFirst("^(\\d+)\\d\\.", "$15.");
        answers.answer(
                applicant,
                claim.id(),
                Map.of(
                        "incomes/i1/amount",
                        new FixListAnswers.Answer(
                                tools.jackson.databind.node.StringNode.valueOf(corrected),
                                Optional.of("It covers August to October."))));
        return claim;
    }

    ClaimView decide(ClaimView claim, SignedIn caseworker) {
        ClaimView now = claims.claim(claim.id());
        Run run = dossiers.of(now).run();
        boolean negative = run.determination().outcomes().stream()
                .anyMatch(outcome -> run.findingOf(outcome).needsReason());
        decisions.decide(
                now,
                negative ? "What your household receives is over the limit, as shown below." : "",
                "Seen together with the household's papers of the year before.",
                caseworker);
        return now;
    }
}
