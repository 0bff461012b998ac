package org.civitane.core.programme.valuationreview;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Filer;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Reason;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The chapter, paragraph by paragraph, at its limits, and what must hold for any review. */
public class ValuationReviewTest {
    @Test
    public void filingClosesThirtyDaysAfterTheNoticeRolledForward() {
        // 30 days after 27 February 2026 is Sunday, 29 March.
        assertThat(new Review(Reason.OTHER).figure("closesOn")).isEqualTo("2026-03-30");
        Review late = new Review(Reason.RECENT_APPRAISAL).received("2026-03-30T17:00:00");
        assertThat(late.outcome()).isEqualTo("DENIED LATE");
        assertThat(late.determined().figures().keySet()).containsExactly("closesOn");
        late.goodCause = true;
        assertThat(late.outcome()).isEqualTo("PENDING EVIDENCE");
        assertThat(new Review(Reason.RECENT_APPRAISAL)
                        .received("2026-03-30T16:59:59")
                        .outcome())
                .isEqualTo("PENDING EVIDENCE");
    }

    @Test
    public void commercialComesBeforeClassificationAndBothBeforeLateness() {
        Review review = new Review(Reason.WRONG_CLASS).received("2026-06-01T10:00:00");
        assertThat(review.outcome()).isEqualTo("REFERRED CLASSIFICATION");
        review.parcelClass = ParcelClass.COMMERCIAL;
        assertThat(review.outcome()).isEqualTo("REFERRED CLASS");
        assertThat(review.determined().status()).isEqualTo(Status.REFERRED);
        assertThat(review.determined().missing()).isEmpty();
    }

    @Test
    public void everyCodeThatAppliesIsMissing() {
        Review review = new Review(Reason.values());
        review.reasons.remove(Reason.WRONG_CLASS);
        review.accessCodeValid = false;
        review.filedBy = Optional.of(Filer.REPRESENTATIVE);
        review.photos = Optional.of(0);
        review.correct = Optional.of(Review.only(Optional.empty(), Optional.empty(), Optional.empty()));
        review.signatures.clear();
        assertThat(review.requesting("300000.00").determined().missing())
                .containsExactly(
                        "access-code",
                        "appraisal",
                        "authority",
                        "comparables",
                        "correct-attributes",
                        "explanation",
                        "photos",
                        "purchase",
                        "requested",
                        "signature:m1");
        for (int i = 0; i < 7; i++) {
            review.sold("200000.00");
        }
        assertThat(review.determined().missing())
                .contains("too-many-comparables")
                .doesNotContain("comparables");
        assertThat(new Review().determined().missing()).containsExactly("reasons");
        Review vacant = new Review(Reason.CONDITION);
        vacant.photos = Optional.of(2);
        assertThat(vacant.determined().missing()).isEmpty();
        vacant.parcelClass = ParcelClass.VACANT;
        assertThat(vacant.determined().missing()).containsExactly("reasons");
        assertThat(vacant.requesting("299999.99").determined().missing()).containsExactly("reasons");
    }

    @DataProvider
    Object[][] faults() {
        Attributes small = Review.attributes(78, 600, 1980, 3, 2, 1);
        Attributes tooSmall = Review.attributes(77, 600, 1980, 3, 2, 1);
        Attributes large = Review.attributes(162, 600, 1980, 3, 2, 1);
        Attributes tooLarge = Review.attributes(163, 600, 1980, 3, 2, 1);
        Attributes unknown = Review.only(Optional.empty(), Optional.of(600), Optional.of(2));
        return new Object[][] {
            {"2026-01-01", Review.HOME, 0, 0, "[]"},
            {"2026-01-02", Review.HOME, 0, 0, "[SALE_DATE]"},
            {"2024-01-01", Review.HOME, 0, 0, "[]"},
            {"2023-12-31", Review.HOME, 0, 0, "[SALE_DATE]"},
            {"2026-01-01", Review.HOME, 3000, -4000, "[]"},
            {"2026-01-01", Review.HOME, 3001, -4000, "[FAR]"},
            {"2026-01-01", Review.HOME, Integer.MAX_VALUE - 1000, 0, "[FAR]"},
            {"2026-01-01", small, 0, 0, "[]"},
            {"2026-01-01", tooSmall, 0, 0, "[SIZE]"},
            {"2026-01-01", large, 0, 0, "[]"},
            {"2026-01-01", tooLarge, 0, 0, "[SIZE]"},
            {"2023-12-31", unknown, 6000, 0, "[SALE_DATE, FAR, SIZE, TOO_DIFFERENT]"},
        };
    }

    @Test(dataProvider = "faults")
    public void aComparableHasEveryFaultThatApplies(String day, Attributes attributes, int east, int north, String is) {
        Review review = new Review(Reason.COMPARABLE_SALES).sold("250000.00", day, attributes, east, north);
        assertThat(review.figure("comparables")).startsWith("[[c1, " + is + ", ");
    }

    @Test
    public void pricesAreBroughtToTheValuationDateByWholeMonths() {
        Review review = new Review(Reason.COMPARABLE_SALES)
                .sold("250000.00", "2025-12-01", Review.HOME, 0, 0)
                .sold("250000.00", "2025-12-02", Review.HOME, 0, 0)
                .sold("250000.13", "2024-01-01", Review.HOME, 0, 0);
        assertThat(review.figure("comparables"))
                .contains("[c1, [], 251000.00,")
                .contains("[c2, [], 250000.00,")
                .contains("[c3, [], 274000.14,");
    }

    @Test
    public void eachDifferenceIsWorthItsRateAndYearsOnlyUpToTwenty() {
        Review review = new Review(Reason.COMPARABLE_SALES)
                .sold("200000.00", "2026-01-01", Review.attributes(118, 650, 1950, 4, 1, 3), 0, 0);
        assertThat(review.figure("comparables"))
                .isEqualTo("[[c1, [], 200000.00, [1800.00, -600.00, 7000.00, -9000.00, 6500.00, -10000.00], 195700.00,"
                        + " 17.45, -2.15]]");
        // The owner's corrections apply before comparing.
        review.correct = Optional.of(Review.only(Optional.of(118), Optional.empty(), Optional.empty()));
        assertThat(review.figure("comparables")).contains("[0.00, -600.00,");
    }

    @Test
    public void moreThanFortyPercentOfAdjustmentsIsTooDifferent() {
        // 42 m² more are worth 37,800: of 94,500 that is 40.00 %, of 94,480 it is 40.008… %, half up 40.01 %.
        Attributes larger = Review.attributes(78, 600, 1980, 3, 2, 1);
        assertThat(new Review(Reason.COMPARABLE_SALES)
                        .sold("94500.00", "2026-01-01", larger, 0, 0)
                        .figure("comparables"))
                .startsWith("[[c1, [], ")
                .contains("40.00");
        assertThat(new Review(Reason.COMPARABLE_SALES)
                        .sold("94480.00", "2026-01-01", larger, 0, 0)
                        .figure("comparables"))
                .startsWith("[[c1, [TOO_DIFFERENT], ")
                .contains("40.01");
    }

    @Test
    public void theIndicatedValueIsAWeightedMedian() {
        Review even = new Review(Reason.COMPARABLE_SALES).sold("250000.00").sold("200000.00");
        // Two of one weight: the first reaches half.
        assertThat(even.figure("indicated")).isEqualTo("200000.00");
        // 6,500 of 200,000 is 3.25 %, so it weighs less than the other: half is reached at the second.
        Attributes oneBathroom = Review.attributes(120, 600, 1980, 3, 1, 1);
        Review uneven = new Review(Reason.COMPARABLE_SALES)
                .sold("250000.00")
                .sold("200000.00", "2026-01-01", oneBathroom, 0, 0);
        assertThat(uneven.figure("indicated")).isEqualTo("250000.00");
        assertThat(new Review(Reason.COMPARABLE_SALES).sold("250250.00").figure("indicated"))
                .isEqualTo("250500.00");
        assertThat(new Review(Reason.COMPARABLE_SALES).sold("250249.99").figure("indicated"))
                .isEqualTo("250000.00");
    }

    @Test
    public void theMostTrustedEvidenceThatCountsIsUsed() {
        Review all = new Review(
                        Reason.COMPARABLE_SALES, Reason.RECENT_APPRAISAL, Reason.RECENT_PURCHASE, Reason.WRONG_DETAILS)
                .sold("250000.00")
                .sold("251000.00")
                .sold("252000.00")
                .appraised("260249.99", "2025-03-16")
                .bought("240000.00", "2024-07-01", true);
        all.correct = Optional.of(Review.only(Optional.of(100), Optional.empty(), Optional.of(1)));
        assertThat(evidence(all)).isEqualTo("COMPARABLES 226500.00");
        all.comparables.removeLast();
        assertThat(evidence(all)).isEqualTo("APPRAISAL 260000.00");
        assertThat(evidence(all.appraised("260250.00", "2026-03-16"))).isEqualTo("APPRAISAL 260500.00");
        // 240,000 × (1 + 0.4 % × 18) is 257,280.
        assertThat(evidence(all.appraised("260000.00", "2025-03-15"))).isEqualTo("PURCHASE 257500.00");
        assertThat(evidence(all.bought("240000.00", "2026-03-16", true))).isEqualTo("PURCHASE 240000.00");
        assertThat(evidence(all.bought("240000.00", "2024-06-30", true))).startsWith("FEW_COMPARABLES");
        assertThat(evidence(all.bought("240000.00", "2026-03-16", false))).startsWith("FEW_COMPARABLES");
        all.reasons.remove(Reason.COMPARABLE_SALES);
        assertThat(evidence(all)).isEqualTo("CORRECTED_DETAILS 275500.00");
        assertThat(all.determined().figures()).containsKey("indicated");
        all.reasons.remove(Reason.WRONG_DETAILS);
        assertThat(evidence(all)).isEqualTo("NONE 300000.00");
    }

    @DataProvider
    Object[][] decisions() {
        return new Object[][] {
            {"285000.00", "200000.00", "UPHELD APPRAISAL", "300000.00", "0.00"},
            {"284500.00", "200000.00", "REDUCED APPRAISAL", "284500.00", "173.60"},
            {"250000.00", "260249.00", "REDUCED APPRAISAL", "260000.00", "448.00"},
            {"250000.00", "299749.99", "REDUCED APPRAISAL", "299500.00", "5.60"},
            {"250000.00", "299750.00", "UPHELD APPRAISAL", "300000.00", "0.00"},
        };
    }

    @Test(dataProvider = "decisions")
    public void theValueIsReducedToTheEvidenceButNotBelowWhatWasAsked(
            String appraised, String requested, String outcome, String value, String taxSaved) {
        Review review = new Review(Reason.RECENT_APPRAISAL)
                .appraised(appraised, "2026-01-10")
                .requesting(requested);
        assertThat(review.outcome()).isEqualTo(outcome);
        assertThat(review.more("value")).isEqualTo(value);
        assertThat(review.more("taxSaved")).isEqualTo(taxSaved);
    }

    @Test
    public void aHearingIsOfferedWhereMuchIsLeftOfWhatWasAsked() {
        Review review = new Review(Reason.RECENT_APPRAISAL)
                .appraised("300000.00", "2026-01-10")
                .requesting("285000.00");
        review.hearing = true;
        assertThat(review.figure("hearingOffered")).isEqualTo("false");
        assertThat(review.requesting("284999.99").figure("hearingOffered")).isEqualTo("true");
        review.hearing = false;
        assertThat(review.figure("hearingOffered")).isEqualTo("false");
    }

    @Test
    public void refusesSizesAndPricesThatCannotBe() {
        assertThatThrownBy(() -> Review.attributes(0, 1, 1, 1, 1, 1))
                .isInstanceOfSatisfying(
                        InvalidFact.class, fault -> assertThat(fault.pointer()).isEqualTo("/floorArea"));
        assertThatThrownBy(() -> Review.attributes(1, 1, 1, 6, 1, 1)).isInstanceOf(InvalidFact.class);
        assertThatThrownBy(() -> new Review().sold("0.00")).isInstanceOf(InvalidFact.class);
    }

    private static String evidence(Review review) {
        return review.figure("evidence") + " " + review.figure("evidenceValue");
    }
}
