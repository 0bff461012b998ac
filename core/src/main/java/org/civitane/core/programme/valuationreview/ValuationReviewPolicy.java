package org.civitane.core.programme.valuationreview;

import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.amount.Rounding;
import org.civitane.core.policy.PolicyVersion;

/** The figures of the chapter in one version of its policy table. */
final class ValuationReviewPolicy {
    static final String TABLE = "valuation-review";

    final int filingDays;
    final int mostComparables;
    final int saleMonths;
    final int farMetres;
    final int leastSizePercent;
    final int mostSizePercent;
    final Percent monthlyTrend;
    final Percent mostGross;
    final int weightBase;
    final Money roundedTo;
    final int enoughComparables;
    final int appraisalMonths;
    final int purchaseMonths;
    final Percent upheld;
    final Percent tax;
    final Percent hearing;
    final int dueDays;
    private final Money floorAreaRate;
    private final Money lotAreaRate;
    private final Money yearBuiltRate;
    private final int yearBuiltMost;
    private final Money conditionRate;
    private final Money bathroomsRate;
    private final Money garageSpacesRate;

    private ValuationReviewPolicy(PolicyVersion version) {
        filingDays = version.count("filingDays");
        mostComparables = version.count("mostComparables");
        saleMonths = version.count("saleMonths");
        farMetres = version.count("farMetres");
        leastSizePercent = version.count("leastSizePercent");
        mostSizePercent = version.count("mostSizePercent");
        monthlyTrend = version.percent("monthlyTrendPercent");
        floorAreaRate = version.money("floorAreaRate");
        lotAreaRate = version.money("lotAreaRate");
        yearBuiltRate = version.money("yearBuiltRate");
        yearBuiltMost = version.count("yearBuiltMost");
        conditionRate = version.money("conditionRate");
        bathroomsRate = version.money("bathroomsRate");
        garageSpacesRate = version.money("garageSpacesRate");
        mostGross = version.percent("mostGrossPercent");
        weightBase = version.count("weightBase");
        roundedTo = version.money("roundedTo");
        enoughComparables = version.count("enoughComparables");
        appraisalMonths = version.count("appraisalMonths");
        purchaseMonths = version.count("purchaseMonths");
        upheld = version.percent("upheldPercent");
        tax = version.percent("taxPercent");
        hearing = version.percent("hearingPercent");
        dueDays = version.count("dueDays");
    }

    static ValuationReviewPolicy of(PolicyVersion version) {
        return version.view(ValuationReviewPolicy.class, ValuationReviewPolicy::new);
    }

    /** What a difference in an attribute is worth; years of building only up to a number of years. */
    Money worth(Attribute attribute, long difference) {
        return switch (attribute) {
            case FLOOR_AREA -> floorAreaRate.times(difference);
            case LOT_AREA -> lotAreaRate.times(difference);
            case YEAR_BUILT -> yearBuiltRate.times(Math.clamp(difference, -yearBuiltMost, yearBuiltMost));
            case CONDITION -> conditionRate.times(difference);
            case BATHROOMS -> bathroomsRate.times(difference);
            case GARAGE_SPACES -> garageSpacesRate.times(difference);
        };
    }

    /** To the multiple in which values are given, half up. */
    Money rounded(Money value) {
        return value.dividedBy(1, roundedTo, Rounding.HALF_UP);
    }
}
