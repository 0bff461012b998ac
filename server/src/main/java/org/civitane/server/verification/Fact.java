package org.civitane.server.verification;

import java.util.Optional;
import tools.jackson.databind.JsonNode;

/**
 * One fact in its views.
 *
 * @param said what the applicant said, in words; empty when they said nothing
 * @param onRecord what a register has on record
 * @param settled the value that counts, once it is settled
 * @param kind what a typed value must be, for the field it is typed into
 */
public record Fact(
        String path,
        String label,
        Optional<Shown> said,
        Optional<Shown> onRecord,
        Optional<Settled> settled,
        State state,
        Kind kind,
        boolean canSettle) {
    /** How the views stand to each other. */
    public enum State {
        /** Only one view, or all say the same. */
        AGREES,
        /** Views differ, and nobody has settled it. */
        DIFFERS,
        SETTLED,
        /** A register has not answered yet. */
        AWAITED
    }

    /** What a typed value must be. */
    public enum Kind {
        TEXT,
        DATE,
        AMOUNT,
        NUMBER,
        YES_NO
    }

    /** A view's value in words, and as the case file would hold it. @param note where it comes from */
    public record Shown(String text, Optional<JsonNode> value, Optional<String> note) {}

    /** The settled value, and how it came to be. */
    public record Settled(String text, View view, String by, String reason, String when) {}
}
