package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.util.Optional;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.History;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.evidence.EvidenceItem;
import org.civitane.server.evidence.EvidenceList;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Papers;
import org.civitane.server.settlements.Settlements;
import org.civitane.server.settlements.View;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;

/** What a claim has to show, and what becomes of it as papers come and facts are settled. */
public class EvidenceListTest extends HandedIn {
    @Autowired
    private Papers papers;

    @Autowired
    private EvidenceList evidence;

    @Autowired
    private Settlements settlements;

    @Autowired
    private Decisions decisions;

    @Autowired
    private History history;

    @Test
    public void theListFollowsFromTheFactsAndFromWhatCame() throws Exception {
        assertThat(evidence.of(dossier(claim)))
                .extracting(EvidenceItem::kind)
                .containsExactly("IDENTITY", "PAY_SLIPS", "HOUSING_COSTS");
        Paper slip = papers.take(claim, page("a"), "PAY_SLIPS", "m1", "slip.pdf", applicant);
        assertThat(stateOf("PAY_SLIPS")).isEqualTo(EvidenceItem.State.RECEIVED);
        read(claim);
        papers.judge(claim, slip.id(), Optional.of("The amount is cut off."), caseworker);
        assertThat(stateOf("PAY_SLIPS")).isEqualTo(EvidenceItem.State.SENT_BACK);
        Paper better = papers.take(claim, page("b"), "PAY_SLIPS", "m1", "slip2.pdf", applicant);
        read(claim);
        papers.judge(claim, better.id(), Optional.empty(), caseworker);
        assertThat(stateOf("PAY_SLIPS")).isEqualTo(EvidenceItem.State.ACCEPTED);
        evidence.waive(dossier(claim), "HOUSING_COSTS", "", "The landlord told us.", caseworker);
        assertThat(stateOf("HOUSING_COSTS")).isEqualTo(EvidenceItem.State.WAIVED);
        assertThat(history.of(claim.id())).extracting(History.Line::kind).contains("paper-judged", "evidence-waived");
    }

    @Test
    public void onceItIsDecidedNothingIsAskedForAnyMore() {
        decisions.decide(taken(caseworker, claim), "", "Seen at the counter.", caseworker);
        claim = claims.claim(claim.id());
        assertThat(evidence.of(dossier(claim)))
                .isNotEmpty()
                .allMatch(item -> item.state() == EvidenceItem.State.NO_LONGER_NEEDED);
        assertThat(evidence.wantedOfApplicant(dossier(claim))).isZero();
    }

    @Test
    public void theListFollowsWhatIsSettledAndTellsWhatIsNoLongerNeeded() {
        FactPath kind = FactPath.of("expenses", "0", "kind");
        settlements.settle(claim, kind, View.TYPED, text("PROPERTY_TAX"), "The house is theirs.", Actor.of(caseworker));
        assertThat(stateOf("HOUSING_COSTS")).isEqualTo(EvidenceItem.State.NO_LONGER_NEEDED);
        settlements.undo(claim, kind, Actor.of(caseworker));
        assertThat(stateOf("HOUSING_COSTS")).isEqualTo(EvidenceItem.State.ASKED_FOR);
    }

    @Test
    public void aPaperThatIsAskedForByNothingIsKeptAmongTheOthers() throws Exception {
        papers.take(claim, page("c"), "OTHER", "", "note.pdf", applicant);
        assertThat(evidence.of(dossier(claim)).getLast().kind()).isEqualTo("OTHER");
    }

    private EvidenceItem.State stateOf(String kind) {
        return evidence.of(dossier(claim)).stream()
                .filter(item -> item.kind().equals(kind))
                .findFirst()
                .orElseThrow()
                .state();
    }

    /** A PDF that runs a script when it is opened, and fetches from elsewhere. */
    private static InputStream page(String title) {
        return new ByteArrayInputStream(BlankPdf.titled(title));
    }
}
