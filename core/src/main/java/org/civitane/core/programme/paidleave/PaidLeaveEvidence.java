package org.civitane.core.programme.paidleave;

import java.util.ArrayList;
import java.util.List;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.evidence.PaperKind;

/**
 * Which papers a leave calls for, by its reason (chapter, Evidence): none of what the employer or the care provider have
 * said themselves.
 */
final class PaidLeaveEvidence {
    /** Job, schedule and notice, as the employer confirms them. */
    static final PaperKind EMPLOYER_CONFIRMATION = PaperKind.other("EMPLOYER_CONFIRMATION");
    /** That care is needed, from when to when; no diagnosis. */
    static final PaperKind CARE_CERTIFICATION = PaperKind.other("CARE_CERTIFICATION");

    static final PaperKind BIRTH_OR_PLACEMENT = PaperKind.other("BIRTH_OR_PLACEMENT");
    /** By any of police, court, shelter, counsellor. */
    static final PaperKind SAFETY_STATEMENT = PaperKind.other("SAFETY_STATEMENT");

    static final List<PaperKind> KINDS = List.of(
            PaperKind.IDENTITY, EMPLOYER_CONFIRMATION, CARE_CERTIFICATION, BIRTH_OR_PLACEMENT, SAFETY_STATEMENT);

    private PaidLeaveEvidence() {}

    static List<EvidenceNeed> of(PaidLeaveCase file) {
        List<EvidenceNeed> needs = new ArrayList<>();
        needs.add(EvidenceNeed.ofIdentity(file.worker().id()));
        if (!file.employer().map(PaidLeaveCase.Employer::hasAnswered).orElse(false)) {
            needs.add(EvidenceNeed.ofHousehold(EMPLOYER_CONFIRMATION, "schedule"));
        }
        boolean isCertified =
                file.careProvider().map(PaidLeaveCase.CareProvider::certifies).orElse(false);
        file.reason()
                .map(reason -> switch (reason) {
                    case OWN_HEALTH, FAMILY_CARE -> CARE_CERTIFICATION;
                    case NEW_CHILD -> BIRTH_OR_PLACEMENT;
                    case SAFETY -> SAFETY_STATEMENT;
                })
                .filter(kind -> !(isCertified && kind.equals(CARE_CERTIFICATION)))
                .ifPresent(kind -> needs.add(EvidenceNeed.ofHousehold(kind, "reason")));
        return List.copyOf(needs);
    }
}
