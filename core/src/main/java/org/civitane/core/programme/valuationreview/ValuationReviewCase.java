package org.civitane.core.programme.valuationreview;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Facts;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Signature;
import org.civitane.core.casefile.WrittenAs;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.WordOf;
import org.civitane.core.fault.Fault;

/**
 * One application for a review; the components are the fields of the case file.
 *
 * @param accessCode printed on the notice
 * @param authority a representative's signed authority is on file
 * @param requested the value the owner holds for right
 * @param correctAttributes only those that are wrong in the land register
 * @param photos how many
 * @param goodCause a reason for lateness has been accepted
 * @param hearing the owner wants to be heard
 */
public record ValuationReviewCase(
        @WordOf(SaidBy.AGENCY) LocalDateTime receivedAt,
        List<Person> members,
        List<IncomeLine> incomes,
        List<String> noIncomeDeclared,
        @WordOf(SaidBy.REGISTER) Parcel parcel,
        Optional<String> accessCode,
        @WordOf(SaidBy.AGENCY) boolean accessCodeValid,
        Optional<Filer> filedBy,
        @WordOf(SaidBy.AGENCY) boolean authority,
        Optional<Money> requested,
        List<Reason> reasons,
        List<Comparable> comparables,
        Optional<Appraisal> appraisal,
        Optional<Purchase> purchase,
        Optional<Attributes> correctAttributes,
        Optional<Integer> photos,
        Optional<String> explanation,
        @WordOf(SaidBy.AGENCY) boolean goodCause,
        boolean hearing,
        @WordOf(SaidBy.AGENCY) List<Signature> signatures)
        implements CaseFile {
    private static final int FIRST_YEAR = 1;
    private static final int LAST_YEAR = 9998;

    /**
     * The parcel under review, from the land register.
     *
     * @param assessed the value on which it is taxed
     * @param taxYear a calendar year; the value is that of its 1 January
     * @param east metres
     * @param north metres
     */
    public record Parcel(
            String id,
            @WrittenAs("class") ParcelClass parcelClass,
            Money assessed,
            int taxYear,
            LocalDate noticeOn,
            int east,
            int north,
            Attributes attributes) {
        /** @throws InvalidFact when the tax year is no calendar year */
        public Parcel {
            if (taxYear < FIRST_YEAR || taxYear > LAST_YEAR) {
                throw new InvalidFact("/taxYear", Fault.of("tax-year"));
            }
        }

        LocalDate valuationDate() {
            return LocalDate.of(taxYear, 1, 1);
        }
    }

    /** A parcel that was sold. */
    public record Comparable(
            String id,
            @WrittenAs("class") ParcelClass parcelClass,
            LocalDate saleOn,
            Money price,
            boolean openMarket,
            int east,
            int north,
            Attributes attributes) {
        /** @throws InvalidFact when the price is not above 0 */
        public Comparable {
            checkPrice(price);
        }
    }

    /** What an appraiser found. */
    public record Appraisal(Money value, LocalDate on) {}

    /** What the owner paid. */
    public record Purchase(Money price, LocalDate on, boolean openMarket) {
        /** @throws InvalidFact when the price is not above 0 */
        public Purchase {
            checkPrice(price);
        }
    }

    /** Who asks for the review. */
    public enum Filer {
        OWNER,
        REPRESENTATIVE
    }

    /** Why the value is said to be too high. */
    public enum Reason {
        COMPARABLE_SALES,
        RECENT_APPRAISAL,
        RECENT_PURCHASE,
        CONDITION,
        WRONG_DETAILS,
        WRONG_CLASS,
        OTHER
    }

    /** @throws InvalidFact as {@link Facts#check}, and when two comparables have the same id */
    public ValuationReviewCase {
        members = List.copyOf(members);
        incomes = List.copyOf(incomes);
        noIncomeDeclared = List.copyOf(noIncomeDeclared);
        reasons = List.copyOf(reasons);
        comparables = List.copyOf(comparables);
        signatures = List.copyOf(signatures);
        Facts.check(receivedAt, members, incomes, noIncomeDeclared, signatures);
        Facts.checkUnique("/comparables", comparables, Comparable::id);
        photos.ifPresent(number -> Facts.checkAtLeast(0, number, "/photos"));
    }

    @Override
    public ValuationReviewCase withIncomes(List<IncomeLine> lines) {
        return new ValuationReviewCase(
                receivedAt,
                members,
                lines,
                noIncomeDeclared,
                parcel,
                accessCode,
                accessCodeValid,
                filedBy,
                authority,
                requested,
                reasons,
                comparables,
                appraisal,
                purchase,
                correctAttributes,
                photos,
                explanation,
                goodCause,
                hearing,
                signatures);
    }

    /** What the parcel is like, with what the owner corrects. */
    Attributes corrected() {
        return correctAttributes.map(parcel.attributes()::correctedBy).orElse(parcel.attributes());
    }

    private static void checkPrice(Money price) {
        if (!price.isPositive()) {
            throw new InvalidFact("/price", Fault.of("price"));
        }
    }
}
