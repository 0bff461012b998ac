package org.civitane.server.standins;

import java.util.EnumMap;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.stereotype.Component;

/** The switches that tests and the demo page turn. */
@Component
public class Moods {
    private final Map<Service, Mood> moods = new EnumMap<>(Service.class);
    private final AtomicInteger calls = new AtomicInteger();

    Moods() {
        for (Service service : Service.values()) {
            moods.put(service, Mood.ANSWERS);
        }
    }

    public synchronized void set(Service service, Mood mood) {
        moods.put(service, mood);
    }

    public synchronized Mood of(Service service) {
        return moods.getOrDefault(service, Mood.ANSWERS);
    }

    /** Whether a service that flaps is up this time. */
    boolean isUpThisTime() {
        return calls.incrementAndGet() % 2 == 0;
    }
}
