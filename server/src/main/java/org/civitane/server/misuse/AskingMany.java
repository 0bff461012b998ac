package org.civitane.server.misuse;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.doubts.Doubt;
import org.civitane.server.doubts.Doubts;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Texts;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Asks many people at once under one reason, after showing who they are and what it costs them. */
@Service
@Transactional
class AskingMany {
    private static final int DAYS = 12;

    private final Claims claims;
    private final ClaimActs acts;
    private final Doubts doubts;
    private final Asks asks;
    private final Texts texts;

    AskingMany(Claims claims, ClaimActs acts, Doubts doubts, Asks asks, Texts texts) {
        this.claims = claims;
        this.acts = acts;
        this.doubts = doubts;
        this.asks = asks;
        this.texts = texts;
    }

    /** One of those who would be asked. @param may whether they can be @param costs what it means for them */
    record WouldBeAsked(UUID claim, String number, String name, boolean may, String costs) {}

    @Transactional(readOnly = true)
    public List<WouldBeAsked> preview(List<UUID> those, SignedIn supervisor) {
        LocalDate due = asks.inDays(DAYS);
        return those.stream()
                .distinct()
                .map(claims::claim)
                .map(claim -> {
                    boolean may = may(claim, supervisor);
                    return new WouldBeAsked(
                            claim.id(),
                            claim.number(),
                            claim.householdName(),
                            may,
                            texts.say(
                                    may ? "misuse.costs" : "misuse.cannot",
                                    DayText.date(due),
                                    DayText.date(claim.decideBy())));
                })
                .toList();
    }

    /** Asks each of those who can be asked; the others are left as they are. */
    public List<WouldBeAsked> ask(List<UUID> those, String why, SignedIn supervisor) {
        List<WouldBeAsked> asked = preview(those, supervisor);
        asked.stream()
                .filter(WouldBeAsked::may)
                .forEach(each -> acts.byStaff(each.claim(), supervisor, Act.ESTABLISH, claim -> {
                    doubts.ask(claim, Doubt.Occasion.DOUBTED, why, supervisor);
                    return claim;
                }));
        return asked;
    }

    private boolean may(ClaimView claim, SignedIn supervisor) {
        boolean asked = doubts.of(claim.id())
                .filter(doubt -> doubt.state() == Doubt.State.ASKED)
                .isPresent();
        return !asked && acts.may(supervisor, Act.ESTABLISH, claim);
    }
}
