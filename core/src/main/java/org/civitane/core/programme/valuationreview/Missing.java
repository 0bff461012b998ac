package org.civitane.core.programme.valuationreview;

import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Signatures;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Filer;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Reason;

/** What an application still needs (chapter, Incomplete). */
final class Missing {
    private final ValuationReviewCase file;
    private final MissingCodes codes = new MissingCodes();

    private Missing(ValuationReviewCase file) {
        this.file = file;
    }

    /** Looks at everything that is asked for. */
    static MissingCodes of(ValuationReviewCase file, ValuationReviewPolicy policy) {
        Missing missing = new Missing(file);
        missing.look(policy);
        return missing.codes;
    }

    private void look(ValuationReviewPolicy policy) {
        codes.require("access-code", file.accessCodeValid());
        boolean represented =
                file.filedBy().filter(filer -> filer == Filer.REPRESENTATIVE).isPresent();
        codes.require("authority", !represented || file.authority());
        codes.require(
                "requested",
                file.requested()
                        .filter(requested -> !file.parcel().assessed().within(requested))
                        .isPresent());
        codes.require(
                "reasons", !file.reasons().isEmpty() && file.reasons().stream().allMatch(this::isOpen));
        requireFor(Reason.COMPARABLE_SALES, "comparables", !file.comparables().isEmpty());
        requireFor(Reason.RECENT_APPRAISAL, "appraisal", file.appraisal().isPresent());
        requireFor(Reason.RECENT_PURCHASE, "purchase", file.purchase().isPresent());
        requireFor(Reason.CONDITION, "photos", file.photos().orElse(0) > 0);
        requireFor(
                Reason.WRONG_DETAILS,
                "correct-attributes",
                file.correctAttributes().filter(correct -> !correct.isEmpty()).isPresent());
        requireFor(Reason.OTHER, "explanation", file.explanation().isPresent());
        codes.require("too-many-comparables", file.comparables().size() <= policy.mostComparables);
        codes.add(Signatures.missingOf(file, Person.applicantOf(file.members())));
    }

    private boolean isOpen(Reason reason) {
        return switch (file.parcel().parcelClass()) {
            case VACANT, FARM -> reason != Reason.CONDITION;
            case RESIDENTIAL, COMMERCIAL -> true;
        };
    }

    private void requireFor(Reason reason, String code, boolean there) {
        codes.require(code, there || !file.reasons().contains(reason));
    }
}
