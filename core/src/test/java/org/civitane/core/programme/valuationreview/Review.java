package org.civitane.core.programme.valuationreview;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.Signature;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Appraisal;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Comparable;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Filer;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Parcel;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Purchase;
import org.civitane.core.programme.valuationreview.ValuationReviewCase.Reason;

/** A review in the making, for tests: a home assessed at 300,000 for 2026, filed in time by its owner. */
final class Review {
    static final Attributes HOME = attributes(120, 600, 1980, 3, 2, 1);

    LocalDateTime receivedAt = LocalDateTime.of(2026, 3, 16, 10, 0);
    ParcelClass parcelClass = ParcelClass.RESIDENTIAL;
    LocalDate noticeOn = LocalDate.of(2026, 2, 27);
    Attributes recorded = HOME;
    boolean accessCodeValid = true;
    Optional<Filer> filedBy = Optional.of(Filer.OWNER);
    boolean authority;
    Optional<Money> requested = Optional.of(Money.ofEuros(200_000));
    List<Reason> reasons = new ArrayList<>();
    List<Comparable> comparables = new ArrayList<>();
    Optional<Appraisal> appraisal = Optional.empty();
    Optional<Purchase> purchase = Optional.empty();
    Optional<Attributes> correct = Optional.empty();
    Optional<Integer> photos = Optional.empty();
    Optional<String> explanation = Optional.empty();
    boolean goodCause;
    boolean hearing;
    List<Signature> signatures = new ArrayList<>();

    Review(Reason... reasons) {
        this.reasons.addAll(List.of(reasons));
        signatures.add(new Signature("m1", "A m1", receivedAt));
    }

    static Attributes attributes(int floor, int lot, int year, int condition, int bathrooms, int garages) {
        return new Attributes(
                Optional.of(floor),
                Optional.of(lot),
                Optional.of(year),
                Optional.of(condition),
                Optional.of(bathrooms),
                Optional.of(garages));
    }

    static Attributes only(Optional<Integer> floor, Optional<Integer> lot, Optional<Integer> bathrooms) {
        return new Attributes(floor, lot, Optional.empty(), Optional.empty(), bathrooms, Optional.empty());
    }

    /** Sold on the valuation date, next door, and like the parcel in everything. */
    Review sold(String price) {
        return sold(price, "2026-01-01", HOME, 0, 0);
    }

    Review sold(String price, String day, Attributes attributes, int east, int north) {
        comparables.add(new Comparable(
                "c" + (comparables.size() + 1),
                ParcelClass.RESIDENTIAL,
                LocalDate.parse(day),
                Money.parse(price),
                true,
                1_000 + east,
                1_000 + north,
                attributes));
        return this;
    }

    Review appraised(String value, String day) {
        appraisal = Optional.of(new Appraisal(Money.parse(value), LocalDate.parse(day)));
        return this;
    }

    Review bought(String price, String day, boolean openMarket) {
        purchase = Optional.of(new Purchase(Money.parse(price), LocalDate.parse(day), openMarket));
        return this;
    }

    Review received(String moment) {
        receivedAt = LocalDateTime.parse(moment);
        return this;
    }

    Review requesting(String value) {
        requested = Optional.of(Money.parse(value));
        return this;
    }

    ValuationReviewCase file() {
        Person owner = new Person("m1", "A", "m1", LocalDate.of(1971, 5, 2), Relationship.SELF);
        Parcel parcel = new Parcel("P-1", parcelClass, Money.ofEuros(300_000), 2026, noticeOn, 1_000, 1_000, recorded);
        return new ValuationReviewCase(
                receivedAt,
                List.of(owner),
                List.of(),
                List.of(),
                parcel,
                Optional.of("code"),
                accessCodeValid,
                filedBy,
                authority,
                requested,
                reasons,
                comparables,
                appraisal,
                purchase,
                correct,
                photos,
                explanation,
                goodCause,
                hearing,
                signatures);
    }

    Determination determined() {
        return Determined.silently(new ValuationReview(), file());
    }

    String figure(String name) {
        return Determined.figure(determined(), name);
    }

    String more(String name) {
        return Determined.more(determined(), name);
    }

    String outcome() {
        return Determined.outcome(determined());
    }
}
