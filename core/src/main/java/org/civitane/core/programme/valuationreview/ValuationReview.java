package org.civitane.core.programme.valuationreview;

import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;

/**
 * The review of a value on which a parcel is taxed; it never raises one (rulebook, chapter valuation review).
 */
public final class ValuationReview implements Programme<ValuationReviewCase> {
    public static final String ID = "valuation-review";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "VR";
    }

    @Override
    public Class<ValuationReviewCase> caseType() {
        return ValuationReviewCase.class;
    }

    @Override
    public Determination determine(ValuationReviewCase file, PolicyBook book, Reasoning why) {
        return new ValuationReviewRules(file, book, why).determine();
    }
}
