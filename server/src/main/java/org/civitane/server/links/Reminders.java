package org.civitane.server.links;

import org.civitane.server.asks.AskReminded;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Reminds whoever answers by link: with another link, since the first is known to them alone. */
@Component
class Reminders {
    private final Links links;
    private final LinkStore store;

    Reminders(Links links, LinkStore store) {
        this.links = links;
        this.store = store;
    }

    @EventListener
    void reminded(AskReminded event) {
        if (!store.isClosed(event.ask())) {
            links.send(event.ask());
        }
    }
}
