package org.civitane.server.desk;

import java.util.List;
import java.util.Optional;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.MoreTime;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.corrections.FixList;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.evidence.EvidenceItem;
import org.civitane.server.links.Remark;
import org.civitane.server.verification.FactGroup;
import org.civitane.server.verification.Verification;

/**
 * Everything about a claim that decides what is to be done with it next, as it stands now.
 *
 * @param moreTime an extension that is asked for and not answered yet
 * @param unread how many messages of the applicant nobody of the agency has opened
 * @param proposedMatches how many people of it may be known ones, and nobody has said so or not
 * @param remarks what others who sign say is not right, and nobody has looked at
 * @param formsBack what others owe that has come back on a form, and nobody has taken down
 * @param otherClaims numbers of other claims of the same season that name the same people
 */
record Situation(
        Dossier dossier,
        Verification.Review review,
        List<FactGroup> facts,
        List<EvidenceItem> evidence,
        List<FixList> fixLists,
        Optional<MoreTime> moreTime,
        int unread,
        int proposedMatches,
        List<String> otherClaims,
        List<Remark> remarks,
        List<Ask> formsBack) {
    ClaimView claim() {
        return dossier.claim();
    }

    Run run() {
        return dossier.run();
    }
}
