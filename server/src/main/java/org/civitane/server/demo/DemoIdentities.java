package org.civitane.server.demo;

import java.io.ByteArrayInputStream;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.doubts.Doubt;
import org.civitane.server.doubts.Doubts;
import org.civitane.server.identity.IdentityAnswers;
import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** Who is asked who they are in the demo, and what they answer. */
@Component
@Profile(Simulated.PROFILE)
class DemoIdentities {
    private final Dossiers dossiers;
    private final Doubts doubts;
    private final IdentityAnswers answers;

    DemoIdentities(Dossiers dossiers, Doubts doubts, IdentityAnswers answers) {
        this.dossiers = dossiers;
        this.doubts = doubts;
        this.answers = answers;
    }

    /** The person is asked, and says that it was not them. */
    void disown(ClaimView claim, SignedIn applicant, SignedIn caseworker) {
        ask(claim, "The identity card that came with it is made out to someone else.", caseworker);
        doubts.disown(applicant, claim.id());
    }

    /** The person is asked whether they filed it. */
    void ask(ClaimView claim, String why, SignedIn caseworker) {
        doubts.ask(dossiers.of(claim.id()).claim(), Doubt.Occasion.DOUBTED, why, caseworker);
    }

    /** The person has handed in a passport and a bill; the bill is too old where {@code old}. */
    void answer(ClaimView claim, DemoHousehold household, SignedIn applicant, boolean old) {
        answers.filedIt(applicant, claim.id());
        LocalDate today = claim.receivedOn();
        MadeDocument.Of of = new MadeDocument.Of(
                household.givenName(),
                household.familyName(),
                dossiers.of(claim.id()).applicant().dateOfBirth(),
                today.minusDays(old ? 200 : 30),
                today.plusYears(4),
                "P%08d".formatted(61_107 + household.number() * 173));
        for (String type : List.of("PASSPORT", "UTILITY_BILL")) {
            answers.add(
                    applicant,
                    claim.id(),
                    type,
                    Optional.empty(),
                    type.toLowerCase(Locale.ROOT).replace('_', '-') + ".jpg",
                    new ByteArrayInputStream(MadePicture.jpeg(MadeDocument.of(type, of), MadePicture.Spoilt.NOT, 0)));
        }
        answers.handIn(
                applicant, claim.id(), new IdentityAnswers.Signature(household.fullName(), "+99955511223", true));
    }
}
