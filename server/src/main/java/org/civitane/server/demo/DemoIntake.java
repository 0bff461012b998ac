package org.civitane.server.demo;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.documents.SimulatedCounter;
import org.civitane.server.fees.SimulatedPay;
import org.civitane.server.intake.Drafts;
import org.civitane.server.links.SimulatedAnswers;
import org.civitane.server.photos.PhotoTaking;
import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** Households of the demo apply, and registers answer what is asked about them. */
@Component
@Profile(Simulated.PROFILE)
class DemoIntake {
    private final Drafts drafts;
    private final DemoRegisters registers;
    private final SimulatedAnswers others;
    private final PhotoTaking photos;
    private final SimulatedPay fees;
    private final SimulatedCounter counter;
    private final DemoHours hours;

    DemoIntake(
            Drafts drafts,
            DemoRegisters registers,
            SimulatedAnswers others,
            PhotoTaking photos,
            SimulatedPay fees,
            SimulatedCounter counter,
            DemoHours hours) {
        this.others = others;
        this.photos = photos;
        this.fees = fees;
        this.counter = counter;
        this.hours = hours;
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

    ClaimView handIn(DemoTraveller traveller, SignedIn applicant, LocalDate today) {
        photos.takeMade(
                applicant.account(),
                DemoTraveller.PROGRAMME,
                DemoPhoto.png(DemoTraveller.ALL.indexOf(traveller)),
                DemoPhoto.WIDTH,
                DemoPhoto.HEIGHT);
        return drafts.handInAnswers(
                applicant,
                DemoTraveller.PROGRAMME,
                traveller.answers(today),
                new Drafts.Signing(traveller.fullName(), Optional.empty()));
    }

    ClaimView handIn(DemoWorker worker, SignedIn applicant, LocalDate day) {
        return drafts.handInAnswers(
                applicant,
                DemoWorker.PROGRAMME,
                worker.answers(day),
                new Drafts.Signing(worker.fullName(), Optional.empty()));
    }

    /** What a worker tells once they are away. */
    DemoHours hours() {
        return hours;
    }

    /** What becomes of what was made out. */
    SimulatedCounter counter() {
        return counter;
    }

    ClaimView paid(ClaimView claim) {
        fees.pay(claim.id());
        counter.makeOut(claim.id());
        return claim;
    }

    /** What employer and care provider say by their links. @param day the day on which the worker applied */
    void othersAnswer(DemoWorker worker, ClaimView claim, LocalDate day) {
        worker.othersSay(day).forEach((whom, said) -> others.answer(claim.id(), whom, said));
    }

    /** What the landlord and whoever else is on the lease say by their links. */
    void othersAnswer(DemoTenancy tenancy, ClaimView claim, LocalDate today) {
        boolean objects = tenancy.turn() == DemoTenancy.Turn.OBJECTS;
        if (objects || tenancy.turn() == DemoTenancy.Turn.LEASE_OF_PARTNER) {
            others.sign(
                    claim.id(),
                    "m2",
                    tenancy.partner() + " " + tenancy.family(),
                    objects ? Map.of("home/rent", "The rent is 790.00 since August.") : Map.of());
        }
        Map<String, String> said = tenancy.landlordSays(today);
        if (!said.isEmpty()) {
            others.answer(claim.id(), "landlord", said);
        }
    }

    ClaimView answered(ClaimView claim) {
        registers.answer(claim.id());
        return claim;
    }
}
