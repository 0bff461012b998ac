package org.civitane.server.desk;

import java.util.List;
import java.util.UUID;
import org.civitane.server.claims.History;
import org.civitane.server.decisions.Decision;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.platform.DayText;
import org.springframework.stereotype.Component;

/** What happened to a claim, and what was decided. */
@Component
class DeskPast {
    private final History history;
    private final Decisions decisions;

    DeskPast(History history, Decisions decisions) {
        this.history = history;
        this.decisions = decisions;
    }

    Desk.Past of(UUID claim) {
        return new Desk.Past(
                told(claim),
                decisions
                        .of(claim)
                        .map(decision -> new Desk.Decided(
                                DayText.moment(decision.at()),
                                decision.by(),
                                decision.reason(),
                                decision.kind() == Decision.Kind.CLOSED)));
    }

    private List<Desk.Told> told(UUID claim) {
        return history.of(claim).stream()
                .map(line -> new Desk.Told(DayText.moment(line.at()), line.actor(), line.sentence()))
                .toList();
    }
}
