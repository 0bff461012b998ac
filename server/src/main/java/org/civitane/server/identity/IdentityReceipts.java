package org.civitane.server.identity;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Pdf;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.springframework.stereotype.Component;

/** The receipt for what someone handed in to show who they are, as PDF. */
@Component
class IdentityReceipts {
    private final IdentityAnswerStore store;
    private final Pdf pdf;
    private final Texts texts;

    IdentityReceipts(IdentityAnswerStore store, Pdf pdf, Texts texts) {
        this.store = store;
        this.pdf = pdf;
        this.texts = texts;
    }

    /** @throws Problem when nothing was handed in */
    byte[] of(ClaimView claim) {
        IdentityAnswer.HandedIn handedIn = store.newest(claim.id())
                .flatMap(IdentityAnswer::handedIn)
                .orElseThrow(() -> Problem.notFound(Phrase.of("identity.no-receipt")));
        List<String> sent = handedIn.sent().stream()
                .map(each -> texts.say(
                        "identity.receipt.document",
                        texts.say("identity.type." + each.documentType()),
                        each.name(),
                        each.sides()))
                .toList();
        Map<String, Object> values = new HashMap<>();
        values.put("title", texts.say("identity.receipt.title", handedIn.number()));
        values.put("moment", texts.say("identity.receipt.moment", DayText.moment(handedIn.at()), claim.number()));
        values.put("signed", texts.say("identity.receipt.signed", handedIn.signedAs()));
        values.put("sent", sent.isEmpty() ? List.of(texts.say("identity.receipt.nothing")) : sent);
        values.put("next", texts.say("identity.next", DayText.date(claim.decideBy())));
        return pdf.of("identity-receipt", values);
    }
}
