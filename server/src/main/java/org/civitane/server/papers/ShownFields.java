package org.civitane.server.papers;

import java.util.List;

/** Which values a kind of paper shows, in the order in which they are looked at. */
public final class ShownFields {
    private ShownFields() {}

    /** @param kind in the word of the need it answers */
    public static List<String> of(String kind) {
        return switch (kind) {
            case "IDENTITY" -> List.of("documentType", "name", "dateOfBirth", "issuedOn", "expiresOn", "mrz");
            case "PAY_SLIPS" -> List.of("employer", "name", "periodStart", "periodEnd", "payDate", "gross", "ytdGross");
            default -> List.of("name", "issuedOn", "amount");
        };
    }
}
