package org.civitane.server.contact;

import org.civitane.core.claim.Act;
import org.civitane.server.access.CodePrinted;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Texts;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Tells holders of accounts that were started at the counter of every other code for them, in the newest of their claims
 * and by the ways they gave for it: whoever did not ask for one has to know.
 */
@Component
class RenewedCodes {
    private final Claims claims;
    private final Messages messages;
    private final Texts texts;
    private final AgencyClock clock;

    RenewedCodes(Claims claims, Messages messages, Texts texts, AgencyClock clock) {
        this.claims = claims;
        this.messages = messages;
        this.texts = texts;
        this.clock = clock;
    }

    @EventListener
    void printed(CodePrinted event) {
        if (!event.again()) {
            return;
        }
        claims.claimsOf(event.holder()).stream()
                .filter(claim -> claim.state().allows(Act.CORRESPOND))
                .findFirst()
                .ifPresent(claim -> messages.tell(
                        claim,
                        texts.say("account.code-renewed", event.by().displayName(), DayText.moment(clock.instant()))));
    }
}
