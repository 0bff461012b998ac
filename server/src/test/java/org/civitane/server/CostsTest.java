package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Value;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Papers;
import org.civitane.server.papers.Reading;
import org.civitane.server.settlements.Settlements;
import org.civitane.server.settlements.View;
import org.civitane.server.verification.Fact;
import org.civitane.server.verification.FactSheet;
import org.civitane.server.verification.Verification;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** What a household pays, beside what its lease shows. */
public class CostsTest extends ServerTest {
    private static final FactPath RENT = FactPath.of("expenses", "0", "amount");

    @Autowired
    private Papers papers;

    @Autowired
    private FactSheet facts;

    @Autowired
    private Verification verification;

    @Autowired
    private Settlements settlements;

    private SignedIn applicant;
    private ClaimView claim;

    @BeforeMethod
    void handIn() {
        applicant = person(Role.APPLICANT);
        claim = handInForFood(applicant, answers(applicant));
    }

    @Test
    public void aLeaseThatSaysTheSameAgrees() throws IOException {
        lease("700.00");
        assertThat(rent().state()).isEqualTo(Fact.State.AGREES);
        assertThat(rent().shown().orElseThrow().text()).isEqualTo("€700.00 a month");
    }

    @Test
    public void anotherRentIsADifferenceThatCanBeSettledOnThePaper() throws IOException {
        lease("640.00");
        assertThat(rent().state()).isEqualTo(Fact.State.DIFFERS);
        assertThat(rent().note()).isEqualTo("Said and shown are apart by €60.00.");
        Value before = shelter();
        settlements.settle(
                claim,
                RENT,
                View.SHOWN,
                rent().shown().orElseThrow().value().orElseThrow(),
                "The lease says so.",
                Actor.called("Test"));
        assertThat(rent().state()).isEqualTo(Fact.State.SETTLED);
        assertThat(settlements
                        .settledCase(claim)
                        .path("expenses")
                        .get(0)
                        .path("amount")
                        .asString())
                .isEqualTo("640.00");
        assertThat(shelter()).isNotEqualTo(before);
        settlements.lapse(claim.id(), List.of(FactPath.of("expenses")));
        assertThat(rent().state()).isEqualTo(Fact.State.DIFFERS);
    }

    @Test
    public void whatIsSaidAloneStandsAsSaid() {
        assertThat(rent().state()).isEqualTo(Fact.State.SAID);
        assertThat(rent().shown()).isEmpty();
    }

    private void lease(String amount) throws IOException {
        Paper paper = papers.take(
                claim, new ByteArrayInputStream(BlankPdf.titled("")), "HOUSING_COSTS", "", "lease.pdf", applicant);
        await("it was looked at", () -> readings.of(claim.id()).get(paper.id()).state() != Reading.State.WAITING);
        readings.see(
                claim,
                paper.id(),
                1,
                Map.of("name", applicant.displayName(), "amount", amount),
                person(Role.CASEWORKER));
    }

    private Fact rent() {
        return facts.of(dossier(claim), verification.of(dossier(claim))).stream()
                .flatMap(group -> group.facts().stream())
                .filter(fact -> fact.path().equals(RENT.path()))
                .findFirst()
                .orElseThrow();
    }

    private Value shelter() {
        return dossier(claim).run().determination().figures().get("shelterCosts");
    }
}
