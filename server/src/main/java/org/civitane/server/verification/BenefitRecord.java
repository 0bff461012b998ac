package org.civitane.server.verification;

import java.util.List;
import java.util.Optional;
import org.civitane.core.fact.Confirmed;
import org.civitane.core.person.Names;
import org.civitane.exchange.casefile.WholeName;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Texts;
import org.civitane.server.registers.Register;
import org.civitane.server.registers.RegisterAnswered;
import org.civitane.server.registers.RegisterRequest;
import org.civitane.server.settlements.Settlements;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.BooleanNode;

/** What the benefit register has on record about the benefit that an application names. */
@Component
class BenefitRecord {
    private final Claims claims;
    private final Settlements settlements;
    private final Texts texts;

    BenefitRecord(Claims claims, Settlements settlements, Texts texts) {
        this.claims = claims;
        this.settlements = settlements;
        this.texts = texts;
    }

    /** The newest question about the case number that the application names now. */
    Optional<RegisterRequest> request(List<RegisterRequest> requests, Confirmed said, JsonNode file) {
        String caseNumber = file.path(said.fact()).path(said.key()).asString("");
        return requests.stream()
                .filter(request -> request.register() == Register.BENEFITS)
                .filter(request -> request.question().equals(caseNumber))
                .findFirst();
    }

    /** An answer in words. */
    Fact.Shown shown(RegisterRequest request) {
        Optional<String> note = request.triedAt().map(at -> texts.say("register.asked-at", DayText.moment(at)));
        return request.answer()
                .map(answer -> Fact.Shown.of(words(answer), Optional.of(BooleanNode.valueOf(isActive(answer))), note))
                .orElseGet(() -> Fact.Shown.of(
                        texts.say(
                                request.state() == RegisterRequest.State.SILENT ? "register.silent" : "register.asking",
                                request.attempts()),
                        Optional.empty(),
                        note));
    }

    /**
     * An active case of the same kind, held by a member of the household, settles the fact by itself: said and on
     * record agree. Anything else is left for the caseworker.
     */
    @EventListener
    void answered(RegisterAnswered event) {
        if (event.register() == Register.BENEFITS) {
            ClaimView claim = claims.claim(event.claim());
            Claims.programmeOf(claim).confirmedByRegister().ifPresent(said -> answered(claim, said, event));
        }
    }

    private void answered(ClaimView claim, Confirmed said, RegisterAnswered event) {
        JsonNode file = JsonColumn.read(claims.newestEdition(claim));
        boolean current = file.path(said.fact()).path(said.key()).asString("").equals(event.question());
        if (claim.state().isOpen() && current && agrees(file, said, event.answer())) {
            settlements.settleByRegister(
                    claim,
                    said.path(),
                    BooleanNode.TRUE,
                    Phrase.of("register.confirms", event.question()),
                    Actor.part("register.BENEFITS"));
        }
    }

    private static boolean agrees(JsonNode file, Confirmed said, JsonNode answer) {
        return isActive(answer)
                && answer.path("kind")
                        .asString("")
                        .equals(file.path(said.fact()).path(said.kind()).asString(""))
                && isHeldByMember(file, answer);
    }

    private static boolean isHeldByMember(JsonNode file, JsonNode answer) {
        String holder = answer.path("holder").asString("");
        return file.path("members")
                .valueStream()
                .map(WholeName::of)
                .map(name -> Names.compare(name, holder))
                .anyMatch(List.of(Names.Verdict.MATCH, Names.Verdict.NEAR)::contains);
    }

    private String words(JsonNode answer) {
        if (!answer.path("known").asBoolean(false)) {
            return texts.say("benefit.unknown");
        }
        return texts.say(
                isActive(answer) ? "benefit.active" : "benefit.closed",
                answer.path("holder").asString(""),
                texts.say("benefit." + answer.path("kind").asString("")));
    }

    private static boolean isActive(JsonNode answer) {
        return answer.path("known").asBoolean(false)
                && answer.path("status").asString("").equals("ACTIVE");
    }
}
