package org.civitane.server.demo;

import java.io.ByteArrayInputStream;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.evidence.EvidenceItem;
import org.civitane.server.evidence.EvidenceList;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Papers;
import org.civitane.server.papers.Readings;
import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** The papers of the demo's households: sent as they are asked for, and looked at. */
@Component
@Profile(Simulated.PROFILE)
class DemoPapers {
    private final Papers papers;
    private final Readings readings;
    private final EvidenceList evidence;
    private final Dossiers dossiers;

    DemoPapers(Papers papers, Readings readings, EvidenceList evidence, Dossiers dossiers) {
        this.papers = papers;
        this.readings = readings;
        this.evidence = evidence;
        this.dossiers = dossiers;
    }

    /** @param today the day on which the demo began @param handedIn the day on which the household applied */
    record On(LocalDate today, LocalDate handedIn) {}

    /** Two of three households send what is asked for at once. */
    List<EvidenceItem> send(DemoHousehold household, ClaimView claim, SignedIn applicant, On on) {
        List<EvidenceItem> wanted = evidence.of(dossiers.of(claim));
        boolean atOnce = switch (household.story()) {
            case READY, DECIDED, TAKEN -> true;
            case TWIST -> household.twist() != DemoTwist.URGENT;
            default -> household.number() % 3 != 0;
        };
        boolean slipsMissing = household.twist() == DemoTwist.UNSUPPORTED;
        for (EvidenceItem item : atOnce ? wanted : List.<EvidenceItem>of()) {
            if (!slipsMissing || !item.kind().equals("PAY_SLIPS")) {
                DemoPaper paper = paper(item.kind(), household, on);
                papers.take(
                        claim,
                        new ByteArrayInputStream(paper.contents()),
                        item.kind(),
                        item.subject(),
                        paper.name(),
                        applicant);
            }
        }
        return wanted;
    }

    private static DemoPaper paper(String kind, DemoHousehold household, On on) {
        return DemoPaper.of(kind, household, household.answers(on.today()), on.handedIn());
    }

    ClaimView accept(DemoHousehold household, ClaimView claim, SignedIn caseworker, On on) {
        for (Paper paper : papers.of(claim.id())) {
            List<Map<String, String>> pages = paper(paper.kind(), household, on).pages();
            for (int page = 0; page < pages.size(); page++) {
                readings.see(claim, paper.id(), page + 1, pages.get(page), caseworker);
            }
            if (pages.isEmpty()) {
                readings.see(claim, paper.id(), 1, Map.of(), caseworker);
            }
            papers.judge(claim, paper.id(), Optional.empty(), caseworker);
        }
        return claim;
    }
}
