package org.civitane.core.evidence;

import java.time.LocalDate;
import java.time.Period;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A kind of paper: how it is read, what it speaks of, and how long it goes on showing that.
 *
 * @param code in the word of the need it answers
 * @param reading what is looked for on it
 * @param lines the kinds of line, such as those of expenses, whose amount it shows
 * @param document what it is among the documents of the identity chapter; empty when it is none, or says itself which
 * @param holds how long, once accepted, it can serve another claim of the same people
 */
public record PaperKind(String code, Reading reading, Set<String> lines, Optional<String> document, Period holds) {
    /** What is looked for on a paper. */
    public enum Reading {
        /** Who someone is: name, birth, validity, the zone. */
        DOCUMENT,
        /** What someone was paid, for when, by whom. */
        SLIP,
        /** Whose it is, of which day, and the one amount. */
        AMOUNT,
        /** Nothing that is compared with anything. */
        NOTHING
    }

    private static final Period LONG = Period.ofMonths(24);
    private static final Period USUAL = Period.ofMonths(12);
    private static final Period SHORT = Period.ofMonths(3);
    private static final Period PAY = Period.ofDays(30);

    public static final PaperKind IDENTITY =
            new PaperKind("IDENTITY", Reading.DOCUMENT, Set.of(), Optional.empty(), LONG);
    /** A document without a photo that shows, beside one with, that its holder lives and works under that name. */
    public static final PaperKind SECOND_DOCUMENT =
            new PaperKind("SECOND_DOCUMENT", Reading.DOCUMENT, Set.of(), Optional.empty(), USUAL);

    public static final PaperKind PAY_SLIPS =
            new PaperKind("PAY_SLIPS", Reading.SLIP, Set.of(), Optional.of("PAY_SLIP"), PAY);
    public static final PaperKind HOUSING_COSTS =
            new PaperKind("HOUSING_COSTS", Reading.AMOUNT, Set.of("RENT", "MORTGAGE"), Optional.of("LEASE"), USUAL);
    public static final PaperKind BANK_STATEMENT =
            new PaperKind("BANK_STATEMENT", Reading.AMOUNT, Set.of("BANK"), Optional.of("BANK_STATEMENT"), SHORT);
    public static final PaperKind MEDICAL_COSTS =
            new PaperKind("MEDICAL_COSTS", Reading.AMOUNT, Set.of("MEDICAL"), Optional.empty(), USUAL);
    public static final PaperKind CARE_RECEIPTS =
            new PaperKind("CARE_RECEIPTS", Reading.AMOUNT, Set.of("DEPENDANT_CARE"), Optional.empty(), USUAL);

    /** Whatever else someone sends. */
    public static final PaperKind OTHER = new PaperKind("OTHER", Reading.NOTHING, Set.of(), Optional.empty(), USUAL);

    /** A kind that only one programme wants, and on which nothing is read that is compared with anything. */
    public static PaperKind other(String code) {
        return new PaperKind(code, Reading.NOTHING, Set.of(), Optional.empty(), USUAL);
    }

    /** What can be read on it, in the order in which it is shown beside the picture. */
    public List<String> fields() {
        return switch (reading) {
            case DOCUMENT -> List.of("documentType", "name", "dateOfBirth", "issuedOn", "expiresOn", "mrz");
            case SLIP -> List.of("employer", "name", "periodStart", "periodEnd", "payDate", "gross", "ytdGross");
            case AMOUNT, NOTHING -> List.of("name", "issuedOn", "amount");
        };
    }

    /** The last day on which a paper that came on a day still holds. */
    public LocalDate lastDay(LocalDate receivedOn) {
        return receivedOn.plus(holds);
    }
}
