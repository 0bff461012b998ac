package org.civitane.server.verification;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.Quarter;
import org.civitane.core.fact.ReportedWages;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.registers.Register;
import org.civitane.server.registers.RegisterAnswered;
import org.civitane.server.settlements.Settlements;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Wages that nobody states: what the wage register has for the quarters that count settles them. */
@Component
class ReportedWagesRecord {
    private final Claims claims;
    private final Settlements settlements;

    ReportedWagesRecord(Claims claims, Settlements settlements) {
        this.claims = claims;
        this.settlements = settlements;
    }

    @EventListener
    void answered(RegisterAnswered event) {
        if (event.register() == Register.WAGES) {
            ClaimView claim = claims.claim(event.claim());
            Claims.programmeOf(claim).reportedWages().ifPresent(wages -> answered(claim, wages, event));
        }
    }

    /** An answer to what was asked before the day changed says nothing any more. */
    private void answered(ClaimView claim, ReportedWages wages, RegisterAnswered event) {
        String day = JsonColumn.read(claims.newestEdition(claim))
                .path(wages.before())
                .asString("");
        if (!claim.state().isOpen() || day.isBlank()) {
            return;
        }
        List<Quarter> quarters = wages.quartersBefore(LocalDate.parse(day));
        JsonNode asked = JsonColumn.read(event.question());
        if (asked.path("from")
                .asString("")
                .equals(quarters.getFirst().firstMonth().toString())) {
            settlements.settleByRegister(
                    claim,
                    FactPath.of(wages.fact()),
                    byQuarter(quarters, event.answer()),
                    Phrase.of(
                            "register.wages-reported",
                            quarters.getFirst().toString(),
                            quarters.getLast().toString()),
                    Actor.part("register.WAGES"));
        }
    }

    private static ArrayNode byQuarter(List<Quarter> quarters, JsonNode answer) {
        ArrayNode lines = JsonColumn.object().putArray("quarters");
        for (Quarter quarter : quarters) {
            Money sum = answer.path("months")
                    .valueStream()
                    .filter(month ->
                            quarter.contains(YearMonth.parse(month.path("month").asString())))
                    .map(month -> Money.parse(month.path("gross").asString()))
                    .reduce(Money.ZERO, Money::plus);
            if (sum.isPositive()) {
                ObjectNode line = lines.addObject();
                line.put("quarter", quarter.toString()).put("amount", sum.toString());
            }
        }
        return lines;
    }
}
