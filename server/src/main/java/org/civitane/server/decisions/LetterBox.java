package org.civitane.server.decisions;

import org.civitane.server.casework.ClaimView;
import org.civitane.server.determinations.Run;
import org.civitane.server.papers.KeptFiles;
import org.civitane.server.papers.PaperStore;
import org.civitane.server.platform.Phrase;
import org.springframework.stereotype.Component;

/** Letters as they go out, kept for good. */
@Component
class LetterBox {
    private final Letters letters;
    private final PaperStore store;
    private final KeptFiles files;

    LetterBox(Letters letters, PaperStore store, KeptFiles files) {
        this.letters = letters;
        this.store = store;
        this.files = files;
    }

    /** A letter as it would go out, as PDF; nothing is kept. */
    byte[] preview(ClaimView claim, Run run, Decision.Kind kind, Phrase reason, Phrase by) {
        return letters.pdf(claim, run, kind, reason, by);
    }

    /** Writes a letter and keeps it; part of the transaction that names it. @return its digest */
    String post(ClaimView claim, Run run, Decision.Kind kind, Phrase reason, Phrase by) {
        String letter = store.put(letters.pdf(claim, run, kind, reason, by));
        files.hold(letter);
        return letter;
    }

    /** @param letter its digest */
    byte[] open(String letter) {
        return store.get(letter);
    }
}
