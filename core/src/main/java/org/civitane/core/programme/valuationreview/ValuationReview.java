package org.civitane.core.programme.valuationreview;

import java.util.List;
import java.util.Map;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;

/**
 * The review of a value on which a parcel is taxed; it never raises one (rulebook, chapter valuation review).
 */
public final class ValuationReview implements Programme<ValuationReviewCase> {
    private static final List<Lack> LACKS = Lack.named(
            List.of("requested", "reasons", "comparables", "appraisal", "purchase", "photos", "explanation"),
            Lack.of("access-code", "accessCode"),
            Lack.of("authority", "authority").from(SaidBy.THIRD_PARTY),
            Lack.of("correct-attributes", "correctAttributes"),
            Lack.of("too-many-comparables", "comparables"),
            Lack.SIGNATURE,
            Lack.SIGNATURE_NAME);

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

    @Override
    public List<Lack> lacks() {
        return LACKS;
    }

    @Override
    public Map<String, Finding> findings() {
        return Map.of(
                "REDUCED",
                Finding.GRANTED,
                "UPHELD",
                Finding.REFUSED,
                "DENIED",
                Finding.REFUSED,
                "REFERRED",
                Finding.REFERRED,
                "PENDING",
                Finding.OPEN);
    }
}
