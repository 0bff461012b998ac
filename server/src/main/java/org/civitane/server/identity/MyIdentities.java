package org.civitane.server.identity;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.identity.DocumentType;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.doubts.Doubt;
import org.civitane.server.misuse.MisuseCase;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Office;
import org.civitane.server.platform.Texts;
import org.springframework.stereotype.Component;

/** Shows people what they are asked, what they have sent, and what the check makes of it. */
@Component
class MyIdentities {
    private final Claims claims;
    private final Occasions occasions;
    private final MyDocuments documents;
    private final Filings filings;
    private final Office office;
    private final Texts texts;

    MyIdentities(
            Claims claims, Occasions occasions, MyDocuments documents, Filings filings, Office office, Texts texts) {
        this.claims = claims;
        this.occasions = occasions;
        this.documents = documents;
        this.filings = filings;
        this.office = office;
        this.texts = texts;
    }

    MyIdentity of(SignedIn person, UUID id) {
        ClaimView claim = claims.claimOf(person, id);
        Occasions.Occasion occasion = occasions.of(claim);
        Optional<IdentityAnswer> newest = occasion.newest();
        MyIdentity.Step step = step(claim, occasion);
        MyDocuments.Checked checked = documents.of(occasion.dossier(), step == MyIdentity.Step.HANDED_IN);
        Filings.Filing filing = filings.of(claim);
        return new MyIdentity(
                claim.number(),
                filing.programme(),
                occasion.dossier().applicant().name().full(),
                occasion.kind(),
                step,
                sentence(step, claim),
                occasion.doubt().map(Doubt::why).orElse(""),
                occasion.doubt().map(Doubt::dueOn).or(occasion::needed),
                texts.say(Ask.Then.DECIDE.inWords()),
                occasion.doubt().filter(Doubt::mayAskForTime).isPresent(),
                occasion.asksWhetherFiled(),
                newest.map(IdentityAnswer::filed).orElse(IdentityAnswer.Filed.UNSAID),
                filing,
                counts(),
                checked.documents(),
                checked.checklist(),
                checked.enough(),
                occasion.dossier().contact().phone(),
                office,
                step == MyIdentity.Step.NOT_ME ? Optional.of(MisuseCase.referenceOf(claim.number())) : Optional.empty(),
                newest.flatMap(IdentityAnswer::handedIn).map(handedIn -> receipt(handedIn, claim)));
    }

    private MyIdentity.IdentityReceipt receipt(IdentityAnswer.HandedIn handedIn, ClaimView claim) {
        return new MyIdentity.IdentityReceipt(
                handedIn.number(),
                handedIn.at(),
                handedIn.sent(),
                texts.say("identity.next", DayText.date(claim.decideBy())));
    }

    private static MyIdentity.Step step(ClaimView claim, Occasions.Occasion occasion) {
        if (occasion.isAsked()) {
            return claim.state().isOpen() ? MyIdentity.Step.ASKED : MyIdentity.Step.NOTHING;
        }
        MyIdentity.Step answered =
                occasion.newest().flatMap(IdentityAnswer::handedIn).isPresent()
                        ? MyIdentity.Step.HANDED_IN
                        : MyIdentity.Step.NOTHING;
        return occasion.doubt()
                .map(doubt -> switch (doubt.state()) {
                    case NOT_ME -> MyIdentity.Step.NOT_ME;
                    case LAPSED -> MyIdentity.Step.LAPSED;
                    case ASKED, FILED, SHOWN -> MyIdentity.Step.HANDED_IN;
                })
                .orElse(answered);
    }

    private String sentence(MyIdentity.Step step, ClaimView claim) {
        boolean frozen = claim.state() == ClaimState.FROZEN;
        return texts.say("identity.step." + (frozen ? MyIdentity.Step.NOT_ME : step), DayText.date(claim.decideBy()));
    }

    private static List<MyIdentity.Counting> counts() {
        return DocumentType.accepted().stream()
                .map(type -> new MyIdentity.Counting(
                        type.code(),
                        type.category(),
                        type.months().orElse(0),
                        type.parts(),
                        type.hasBack(),
                        type.category().most()))
                .toList();
    }
}
