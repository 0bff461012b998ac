package org.civitane.server.papers;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.programme.Catalogue;

/**
 * A paper of a claim.
 *
 * @param kind what it is, in the word of the need it answers, or {@code OTHER}
 * @param subject the id of the member it is about; empty for the household
 * @param reason why it was sent back
 * @param documentType which document that shows who someone is, in the rulebook's word, as whoever sent it says; else
 *     empty
 * @param backOf the paper whose other side it is
 * @param remark why it was sent although something is wrong with it; else empty
 * @param faultAt where on its first page is what it was sent back for
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
        Instant givenAt,
        String documentType,
        Optional<UUID> backOf,
        String remark,
        Optional<ShownValue.Box> faultAt) {
    /** What became of it. */
    public enum State {
        /** Sent, but not handed in yet: only whoever sent it sees it. */
        BEGUN,
        /** Taken back before it was handed in; its file is not kept. */
        TAKEN_BACK,
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
