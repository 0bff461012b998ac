package org.civitane.server.following;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.BringsBack;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * A claim is fulfilled when all that follows its decision is done, nothing came up that nobody looked at, and the time to
 * object to it is over.
 */
@Service
class Fulfilment {
    private static final int OBJECTION_DAYS = 30;
    private static final int AT_ONCE = 200;

    private final PaymentStore store;
    private final FollowUps followUps;
    private final List<BringsBack> keepers;
    private final Claims claims;
    private final TransactionTemplate each;
    private final AgencyClock clock;

    Fulfilment(
            PaymentStore store,
            FollowUps followUps,
            List<BringsBack> keepers,
            Claims claims,
            TransactionTemplate each,
            AgencyClock clock) {
        this.store = store;
        this.followUps = followUps;
        this.keepers = keepers;
        this.claims = claims;
        this.each = each;
        this.clock = clock;
    }

    /** One transaction a claim; a night that is cut short goes on the next. */
    void fulfilAll() {
        Instant before = clock.instant().minus(OBJECTION_DAYS, ChronoUnit.DAYS);
        List<UUID> done = store.done(before, AT_ONCE);
        while (!done.isEmpty()) {
            done.forEach(claim -> each.executeWithoutResult(status -> fulfil(claim)));
            done = store.done(before, AT_ONCE);
        }
    }

    /** What came up while it was not looked at is put on the day sheet instead. */
    private void fulfil(UUID id) {
        claims.hold(id);
        ClaimView claim = claims.claim(id);
        boolean open = store.of(id).stream().anyMatch(payment -> payment.state().isOpen())
                || followUps.of(id).stream().anyMatch(each -> each.state().isOpen());
        if (keepers.stream().anyMatch(keeper -> !keeper.cameUp(claim).isEmpty())) {
            claims.touch(id);
        } else if (claim.state() == ClaimState.DECIDED && !open) {
            claims.fulfil(id);
            claims.note(id, Actor.CALENDAR, "fulfilled", Phrase.of("history.fulfilled"));
        }
    }
}
