package org.civitane.server.desk;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.civitane.server.claims.BringsBack;
import org.civitane.server.claims.CameUp;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.NextAction;
import org.civitane.server.claims.Stack;
import org.civitane.server.claims.Standing;
import org.civitane.server.platform.Phrase;
import org.springframework.stereotype.Component;

/** What came up on a decided claim, put together from everyone who keeps something of it. */
@Component
class CameUps {
    private static final Standing AT_REST = new Standing(Optional.empty(), Phrase.NOTHING, NextAction.NONE);

    private final List<BringsBack> keepers;

    CameUps(List<BringsBack> keepers) {
        this.keepers = keepers;
    }

    /** What has to be looked at first, first. */
    List<CameUp> of(ClaimView claim) {
        return keepers.stream()
                .flatMap(keeper -> keeper.cameUp(claim).stream())
                .sorted(Comparator.comparing(CameUp::kind))
                .toList();
    }

    /** Where that puts it on the day sheet: with what comes first, or nowhere. */
    static Standing standing(List<CameUp> cameUp) {
        return cameUp.isEmpty()
                ? AT_REST
                : new Standing(Optional.of(Stack.CAME_BACK), cameUp.getFirst().what(), NextAction.OPEN);
    }

    /** As the desk shows them, each with what there is to do. */
    static List<Obstacle> atTheDesk(List<CameUp> cameUp) {
        return cameUp.stream()
                .map(each -> new Obstacle(
                        Obstacle.Weight.AFTERWARDS,
                        kind(each),
                        new Phrase.Capital(each.what()),
                        Phrase.of("came-up." + each.kind()),
                        Phrase.NOTHING,
                        "",
                        Optional.empty()))
                .toList();
    }

    private static Obstacle.Kind kind(CameUp cameUp) {
        return switch (cameUp.kind()) {
            case PAYMENT, OVERPAYMENT, FOLLOW_UP -> Obstacle.Kind.PAYMENTS;
            case HOURS -> Obstacle.Kind.HOURS;
            case POST -> Obstacle.Kind.POST;
            case WORD -> Obstacle.Kind.REMARK;
            case MESSAGE -> Obstacle.Kind.MESSAGE;
        };
    }
}
