package org.civitane.server.evidence;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.server.papers.Paper;
import org.civitane.server.platform.Phrase;

/**
 * Something a claim has to show, and how far that is.
 *
 * @param title what is wanted, and of whom
 * @param why why it is wanted, and what a good one looks like
 * @param until by when it is wanted; empty for papers that nobody asked for
 * @param reason why it is waived, or why the last one was sent back
 * @param servedBy the number of another claim of the same people whose accepted paper still holds
 */
public record EvidenceItem(
        String kind,
        String subject,
        Phrase title,
        String why,
        Optional<LocalDate> until,
        State state,
        Phrase reason,
        Optional<String> servedBy,
        List<Paper> papers) {
    /** How far it is. */
    public enum State {
        ASKED_FOR,
        RECEIVED,
        ACCEPTED,
        SENT_BACK,
        WAIVED,
        /** It was asked for once; the facts have changed, or the claim is decided. */
        NO_LONGER_NEEDED
    }

    /** Whether it is still to come from the applicant. */
    @JsonIgnore
    public boolean isWanted() {
        return state == State.ASKED_FOR || state == State.SENT_BACK;
    }
}
