package org.civitane.core.identity;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What a type of document counts for (rulebook, identity, Documents). The same table says to people what counts and
 * checks what they send.
 *
 * @param code in the rulebook's word
 * @param category what it counts for
 * @param months how old it may be, in months; empty when that does not matter
 */
public record DocumentType(String code, DocumentCategory category, OptionalInt months) {
    /** What must be seen on a document so that it can count. */
    public enum Part {
        PICTURE,
        NAME,
        DATE_OF_BIRTH,
        EXPIRY,
        /** The lines for machines. */
        ZONE,
        /** The day it was issued. */
        ISSUED_ON
    }

    private static final List<DocumentType> ACCEPTED = List.of(
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
    private static final Map<String, DocumentType> BY_CODE =
            ACCEPTED.stream().collect(Collectors.toUnmodifiableMap(DocumentType::code, Function.identity()));

    /** Every type that counts, those with a photo first. */
    public static List<DocumentType> accepted() {
        return ACCEPTED;
    }

    /** A type by its code; one that counts for nothing when the rulebook has no such code. */
    public static DocumentType named(String code) {
        return Optional.ofNullable(BY_CODE.get(code))
                .orElseGet(() -> new DocumentType(code, DocumentCategory.NONE, OptionalInt.empty()));
    }

    /** What must be seen on it, in the order of this enum. */
    public List<Part> parts() {
        List<Part> parts = new ArrayList<>();
        if (category == DocumentCategory.PHOTO) {
            parts.addAll(List.of(Part.PICTURE, Part.NAME, Part.DATE_OF_BIRTH, Part.EXPIRY));
            if (hasZone()) {
                parts.add(Part.ZONE);
            }
        } else {
            parts.add(Part.NAME);
        }
        if (months.isPresent()) {
            parts.add(Part.ISSUED_ON);
        }
        return List.copyOf(parts);
    }

    /** Whether every document of it has lines for machines. */
    public boolean hasZone() {
        return category == DocumentCategory.PHOTO && !code.equals("DRIVING_LICENCE");
    }

    /** Whether it is a card, of which both sides are shown. */
    public boolean hasBack() {
        return category == DocumentCategory.PHOTO && !code.equals("PASSPORT");
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

    private static DocumentType photo(String code) {
        return new DocumentType(code, DocumentCategory.PHOTO, OptionalInt.empty());
    }

    private static DocumentType second(String code, OptionalInt months) {
        return new DocumentType(code, DocumentCategory.SECOND, months);
    }
}
