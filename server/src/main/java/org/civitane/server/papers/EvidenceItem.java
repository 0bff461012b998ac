package org.civitane.server.papers;

import java.util.List;

/**
 * Something a claim has to show, and how far that is.
 *
 * @param title what is wanted, and of whom
 * @param why why it is wanted, and what a good one looks like
 * @param reason why it is waived, or why the last one was sent back
 */
public record EvidenceItem(
        String kind, String subject, String title, String why, State state, String reason, List<Paper> papers) {
    /** How far it is. */
    public enum State {
        ASKED_FOR,
        RECEIVED,
        ACCEPTED,
        SENT_BACK,
        WAIVED
    }
}
