package org.civitane.server.desk;

import java.util.List;
import org.civitane.server.decisions.StillOpen;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.platform.Phrase;
import org.springframework.stereotype.Component;

/** What is in the way at the desk, for whoever decides. What cannot change the outcome is not counted. */
@Component
class DeskStillOpen implements StillOpen {
    private final Situations situations;
    private final InTheWay inTheWay;

    DeskStillOpen(Situations situations, InTheWay inTheWay) {
        this.situations = situations;
        this.inTheWay = inTheWay;
    }

    @Override
    public List<Phrase> of(Dossier dossier) {
        return inTheWay.of(situations.of(dossier)).stream()
                .filter(each -> each.weight() != Obstacle.Weight.IMMATERIAL)
                .map(Obstacle::title)
                .toList();
    }
}
