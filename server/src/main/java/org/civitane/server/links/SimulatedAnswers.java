package org.civitane.server.links;

import java.util.Map;
import java.util.UUID;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.Asks;
import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What others of the demo say when they are asked, as if they had opened their links. */
@Service
@Profile(Simulated.PROFILE)
@Transactional
public class SimulatedAnswers {
    private final Asks asks;
    private final LinkPages pages;

    SimulatedAnswers(Asks asks, LinkPages pages) {
        this.asks = asks;
        this.pages = pages;
    }

    /** Someone outside the household answers. @param answers by the part they are asked for */
    public void answer(UUID claim, String whom, Map<String, String> answers) {
        pages.handIn(ask(claim, whom), new Said("", answers, Map.of()));
    }

    /** Someone of the household signs. @param remarks what they say is not right, by the fact's path */
    public void sign(UUID claim, String member, String name, Map<String, String> remarks) {
        pages.handIn(ask(claim, member), new Said(name, Map.of(), remarks));
    }

    private Ask ask(UUID claim, String whom) {
        return asks.of(claim).stream()
                .filter(ask -> ask.whom().equals(whom) && ask.state().isOpen())
                .findFirst()
                .orElseThrow();
    }
}
