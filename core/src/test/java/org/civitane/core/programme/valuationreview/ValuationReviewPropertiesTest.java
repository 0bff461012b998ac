package org.civitane.core.programme.valuationreview;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Collections;
import java.util.HashSet;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Comparable;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Reason;
import org.testng.annotations.Test;

/** What must hold for any review. */
public class ValuationReviewPropertiesTest {
    @Test
    public void agreesWithASecondWritingOfTheChapter() {
        Random random = new Random(11);
        Set<String> outcomes = new HashSet<>();
        for (int i = 0; i < 20_000; i++) {
            ValuationReviewCase file = any(random).file();
            Determination determination = Determined.silently(new ValuationReview(), file);
            SecondWriting.Said expected = SecondWriting.of(file);
            assertThat(Determined.told(determination.outcomes().getFirst()))
                    .as(file::toString)
                    .isEqualTo("P-1 " + expected.outcome());
            assertThat(Determined.figure(determination, "comparables"))
                    .as(file::toString)
                    .isEqualTo(expected.comparables());
            assertThat(Determined.figure(determination, "indicated"))
                    .as(file::toString)
                    .isEqualTo(expected.indicated());
            assertThat(Determined.figure(determination, "evidence") + " "
                            + Determined.figure(determination, "evidenceValue"))
                    .as(file::toString)
                    .isEqualTo(expected.evidence());
            assertThat(Determined.figure(determination, "hearingOffered"))
                    .as(file::toString)
                    .isEqualTo(String.valueOf(expected.hearing()));
            outcomes.add(Determined.outcome(determination));
        }
        assertThat(outcomes)
                .as("every evidence, upheld and reduced, but nothing is reduced without any")
                .hasSize(11);
    }

    @Test
    public void holdsForAnyReview() {
        Random random = new Random(6);
        for (int i = 0; i < 1_500; i++) {
            Review review = any(random);
            Determination determination = review.determined();
            Determined.checkWorking(new ValuationReview(), review.file());
            String value = review.more("value");
            assertThat(Money.parse(value)).isLessThanOrEqualTo(Money.ofEuros(300_000));
            assertThat(Money.parse(value).plus(Money.parse(review.more("reduction"))))
                    .isEqualTo(Money.ofEuros(300_000));
            Collections.shuffle(review.comparables, random);
            assertThat(review.determined().outcomes()).isEqualTo(determination.outcomes());
        }
    }

    /** A complete review of a home or of a lot, with whatever speaks for it. */
    private static Review any(Random random) {
        boolean vacant = random.nextInt(5) == 0;
        Review review = new Review(Reason.OTHER);
        review.explanation = Optional.of("Because");
        review.parcelClass = vacant ? ParcelClass.VACANT : ParcelClass.RESIDENTIAL;
        review.recorded = attributes(vacant, random);
        review.received(random.nextBoolean() ? "2026-03-16T10:00:00" : "2026-03-30T09:00:00");
        for (int i = random.nextInt(7); i > 0; i--) {
            sell(review, vacant, random);
        }
        if (random.nextInt(3) > 0 && !review.comparables.isEmpty()) {
            review.reasons.add(Reason.COMPARABLE_SALES);
        }
        if (random.nextInt(3) == 0) {
            review.reasons.add(Reason.RECENT_APPRAISAL);
        }
        review.appraised(
                random.nextInt(320_000) + ".37",
                LocalDate.of(2025, 3, 10).plusDays(random.nextInt(390)).toString());
        if (random.nextInt(3) == 0) {
            review.reasons.add(Reason.RECENT_PURCHASE);
        }
        review.bought(
                (1 + random.nextInt(320_000)) + ".13",
                LocalDate.of(2024, 6, 20).plusDays(random.nextInt(650)).toString(),
                random.nextInt(4) > 0);
        if (random.nextInt(3) == 0) {
            review.reasons.add(Reason.WRONG_DETAILS);
            review.correct = Optional.of(Review.only(
                    vacant ? Optional.empty() : Optional.of(90 + random.nextInt(40)),
                    Optional.of(500 + random.nextInt(200)),
                    random.nextBoolean() || vacant ? Optional.empty() : Optional.of(random.nextInt(3))));
        }
        review.requesting(random.nextInt(300_000) + ".00");
        review.hearing = random.nextBoolean();
        return review;
    }

    private static void sell(Review review, boolean vacant, Random random) {
        review.sold(
                180_000 + random.nextInt(120_000) + ".55",
                LocalDate.of(2023, 12, 20).plusDays(random.nextInt(760)).toString(),
                attributes(vacant, random),
                random.nextInt(5_500),
                random.nextInt(2_000));
        Comparable last = review.comparables.removeLast();
        review.comparables.add(new Comparable(
                last.id(),
                random.nextInt(12) == 0 ? ParcelClass.FARM : review.parcelClass,
                last.saleOn(),
                last.price(),
                random.nextInt(12) > 0,
                last.east(),
                last.north(),
                last.attributes()));
    }

    private static Attributes attributes(boolean vacant, Random random) {
        Optional<Integer> lot = Optional.of(500 + random.nextInt(300));
        if (vacant) {
            return Review.only(Optional.empty(), lot, Optional.empty());
        }
        return new Attributes(
                random.nextInt(20) == 0 ? Optional.empty() : Optional.of(80 + random.nextInt(80)),
                lot,
                random.nextInt(10) == 0 ? Optional.empty() : Optional.of(1950 + random.nextInt(70)),
                Optional.of(1 + random.nextInt(5)),
                Optional.of(random.nextInt(4)),
                Optional.of(random.nextInt(3)));
    }
}
