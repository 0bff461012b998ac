package org.civitane.server.verification;

import java.util.List;
import java.util.Optional;
import org.civitane.core.identity.Verdicts;
import org.civitane.server.platform.Phrase;
import org.civitane.server.registers.RegisterRequest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.StringNode;

/** What registers have on record about who the applicant is. */
final class OtherViews {
    private final Verification.Review review;

    OtherViews(Verification.Review review) {
        this.review = review;
    }

    List<RegisterRequest> requests() {
        return review.requests();
    }

    /** The date of birth of the applicant beside that of the civil register; others' as it is. */
    Fact ofBirth(String member, Fact fact) {
        boolean known = review.identity().member().equals(member);
        return known
                ? review.identity().attributes().stream()
                        .filter(each -> each.kind() == IdentityReview.Kind.DATE_OF_BIRTH)
                        .filter(each -> !each.onRecord().isEmpty())
                        .findFirst()
                        .map(each -> birth(each, fact))
                        .orElse(fact)
                : fact;
    }

    private Fact birth(IdentityReview.Attribute attribute, Fact fact) {
        Optional<JsonNode> registered = review.requests().stream()
                .flatMap(request -> request.answer().stream())
                .map(answer -> answer.path("dateOfBirth").asString(""))
                .filter(day -> !day.isEmpty())
                .findFirst()
                .map(StringNode::valueOf);
        Fact.State state = attribute.verdict() == Verdicts.Verdict.MATCH ? Fact.State.AGREES : Fact.State.DIFFERS;
        return fact.with(
                Optional.empty(),
                Optional.of(Fact.Shown.of(attribute.onRecord(), registered, Optional.empty())),
                state,
                attribute.what(),
                Optional.of(new Fact.Ask(
                        fact.path(),
                        fact.label(),
                        Phrase.of("ask.birth", fact.said().map(Fact.Shown::text).orElse(""), attribute.onRecord()),
                        Phrase.of("good.birth"))),
                List.of());
    }
}
