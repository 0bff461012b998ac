package org.civitane.server.desk;

import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.civitane.server.casework.ClaimTouched;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/**
 * Holds back working out where claims stand while much happens to them on one thread, such as loading the demo; each
 * is then worked out once, at the end.
 */
@Component
public class StandingPause {
    private final ThreadLocal<Optional<Set<UUID>>> held = ThreadLocal.withInitial(Optional::empty);
    private final ApplicationEventPublisher events;

    StandingPause(ApplicationEventPublisher events) {
        this.events = events;
    }

    /** Does {@code work}, then works out each claim that it touched; both in the caller's transaction. */
    public void during(Runnable work) {
        Set<UUID> touched = new LinkedHashSet<>();
        held.set(Optional.of(touched));
        try {
            work.run();
        } finally {
            held.remove();
        }
        touched.forEach(claim -> events.publishEvent(new ClaimTouched(claim)));
    }

    /** Takes the claim down for the end, if standings are held back now. */
    boolean holdsBack(UUID claim) {
        held.get().ifPresent(touched -> touched.add(claim));
        return held.get().isPresent();
    }
}
