package org.civitane.server.my;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.time.LocalDate;
import org.civitane.server.platform.Phrase;

/**
 * Something that is wanted of an applicant.
 *
 * @param sentence asks for it, and says by when
 * @param at where it is done: the page of the claim by that name, such as {@code fix-list} or {@code papers}; empty where
 *     there is none
 */
record WantedNow(Phrase sentence, LocalDate by, String at) {
    static final String PAPERS = "papers";

    @JsonIgnore
    boolean isPapers() {
        return at.equals(PAPERS);
    }
}
