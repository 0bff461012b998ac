package org.civitane.core.identity;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What a type of document counts for.
 *
 * @param category what it counts for
 * @param months how old it may be, in months; empty when that does not matter
 */
record DocumentType(DocumentCategory category, OptionalInt months) {
    private static final Map<String, DocumentType> ACCEPTED = Map.ofEntries(
            photo("PASSPORT"),
            photo("NATIONAL_ID"),
            photo("DRIVING_LICENCE"),
            photo("RESIDENCE_PERMIT"),
            second("WAGE_STATEMENT", OptionalInt.of(12)),
            second("PAY_SLIP", OptionalInt.of(12)),
            second("UTILITY_BILL", OptionalInt.of(3)),
            second("BANK_STATEMENT", OptionalInt.of(3)),
            second("LEASE", OptionalInt.empty()),
            second("BIRTH_CERTIFICATE", OptionalInt.empty()),
            second("TAX_NOTICE", OptionalInt.of(24)));
    private static final DocumentType OTHER = new DocumentType(DocumentCategory.NONE, OptionalInt.empty());

    static DocumentType named(String type) {
        return ACCEPTED.getOrDefault(type, OTHER);
    }

    /** Whether a document of this type, issued when it says, is too old on a day, or from after it. */
    boolean isTooOld(Optional<LocalDate> issuedOn, LocalDate on) {
        if (months.isEmpty()) {
            return false;
        }
        return issuedOn.filter(issued -> !issued.isAfter(on)
                        && !issued.plusMonths(months.getAsInt()).isBefore(on))
                .isEmpty();
    }

    private static Map.Entry<String, DocumentType> photo(String type) {
        return Map.entry(type, new DocumentType(DocumentCategory.PHOTO, OptionalInt.empty()));
    }

    private static Map.Entry<String, DocumentType> second(String type, OptionalInt months) {
        return Map.entry(type, new DocumentType(DocumentCategory.SECOND, months));
    }
}
