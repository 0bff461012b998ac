package org.civitane.server.papers;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.civitane.core.programme.Catalogue;

/**
 * A paper of a claim.
 *
 * @param kind what it is, in the word of the need it answers, or {@code OTHER}
 * @param subject the id of the member it is about; empty for the household
 * @param reason why it was sent back
 */
public record Paper(
        UUID id,
        UUID claim,
        String digest,
        String kind,
        String subject,
        String name,
        String mediaType,
        int pages,
        State state,
        String reason,
        String givenBy,
        Instant givenAt) {
    /** What became of it. */
    public enum State {
        RECEIVED,
        ACCEPTED,
        SENT_BACK
    }

    /** What can be read on a paper of its kind, in the order in which it is shown. */
    @JsonProperty
    public List<String> fields() {
        return Catalogue.paper(kind).fields();
    }
}
