package org.civitane.server.demo;

import java.time.LocalDate;
import java.util.Optional;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.intake.Drafts;
import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** Households of the demo apply, and registers answer what is asked about them. */
@Component
@Profile(Simulated.PROFILE)
class DemoIntake {
    private final Drafts drafts;
    private final DemoRegisters registers;

    DemoIntake(Drafts drafts, DemoRegisters registers) {
        this.drafts = drafts;
        this.registers = registers;
    }

    ClaimView handIn(DemoHousehold household, SignedIn applicant, LocalDate today) {
        return drafts.handInAnswers(
                applicant,
                household.programme(),
                household.answers(today),
                new Drafts.Signing(household.fullName(), Optional.of("8903")));
    }

    ClaimView handIn(DemoTenancy tenancy, SignedIn applicant, LocalDate today) {
        return drafts.handInAnswers(
                applicant,
                DemoTenancy.PROGRAMME,
                tenancy.answers(today),
                new Drafts.Signing(tenancy.fullName(), Optional.empty()));
    }

    ClaimView answered(ClaimView claim) {
        registers.answer(claim.id());
        return claim;
    }
}
