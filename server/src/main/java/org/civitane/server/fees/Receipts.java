package org.civitane.server.fees;

import java.util.Map;
import org.civitane.core.reasoning.Wording;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.papers.KeptFiles;
import org.civitane.server.papers.PaperStore;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Pdf;
import org.springframework.stereotype.Component;

/** Receipts of fees, as PDF that is kept. */
@Component
class Receipts {
    private final Pdf pdf;
    private final PaperStore store;
    private final KeptFiles files;
    private final AgencyClock clock;

    Receipts(Pdf pdf, PaperStore store, KeptFiles files, AgencyClock clock) {
        this.pdf = pdf;
        this.store = store;
        this.files = files;
        this.clock = clock;
    }

    /** Part of the transaction that books it. @return its digest */
    String write(ClaimView claim, Charge charge) {
        Wording wording = Claims.programmeOf(claim).wording(java.util.Locale.ENGLISH);
        String digest = store.put(pdf.of(
                "fee-receipt",
                Map.of(
                        "number", claim.number(),
                        "programme", wording.text("name"),
                        "amount", wording.shown(charge.amount()),
                        "date", wording.shown(clock.today()))));
        files.hold(digest);
        return digest;
    }

    byte[] open(String digest) {
        return store.get(digest);
    }
}
