package org.civitane.server.verification;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.platform.Phrase;
import org.civitane.server.settlements.View;
import tools.jackson.databind.JsonNode;

/**
 * One fact in its views.
 *
 * @param said what the applicant said, in words; empty when they said nothing
 * @param shown what the papers show that a caseworker has looked at
 * @param onRecord what a register has on record
 * @param settled the value that counts, once it is settled
 * @param note what the views say together, in words; empty when there is nothing to say
 * @param kind what a typed value must be, for the field it is typed into
 * @param ask what could be asked about it, in words for the applicant
 * @param beyond what it could turn out to be that no view says
 */
public record Fact(
        String path,
        Phrase label,
        Optional<Shown> said,
        Optional<Shown> shown,
        Optional<Shown> onRecord,
        Optional<Settled> settled,
        State state,
        String note,
        Kind kind,
        boolean canSettle,
        Optional<Ask> ask,
        List<JsonNode> beyond) {
    /** How the views stand to each other. */
    public enum State {
        /** Only the applicant's word is there. */
        SAID,
        /** What was said, and what a paper or a register says, is the same. */
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

    /**
     * A view's value in words, and as the case file would hold it.
     *
     * @param note where it comes from
     * @param from the paper and page it stands on
     */
    public record Shown(String text, Optional<JsonNode> value, Optional<String> note, Optional<Place> from) {
        /** A value that comes from no paper. */
        public static Shown of(String text, Optional<JsonNode> value, Optional<String> note) {
            return new Shown(text, value, note, Optional.empty());
        }
    }

    /** A page of a paper. */
    public record Place(UUID paper, int page) {}

    /** The settled value, and how it came to be. @param unasked settled without asking, since nothing hung on it */
    public record Settled(String text, View view, Phrase by, Phrase reason, String when, boolean unasked) {}

    /**
     * A point for a fix list.
     *
     * @param path the fact it unlocks; of one source of wages, all income of the person
     * @param good what a good answer looks like
     */
    public record Ask(String path, Phrase title, Phrase reason, Phrase good) {}

    /** This fact with what papers and registers say about it. */
    Fact with(
            Optional<Shown> onPapers,
            Optional<Shown> onRegister,
            State how,
            String together,
            Optional<Ask> point,
            List<JsonNode> otherwise) {
        return new Fact(
                path,
                label,
                said,
                onPapers,
                onRegister,
                settled,
                settled.isPresent() ? State.SETTLED : how,
                together,
                kind,
                canSettle,
                point,
                otherwise);
    }
}
