package org.civitane.server.platform;

import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.stereotype.Component;

/** How far the start of this server has come, told to whoever waits for it; of all steps none where there are none. */
@Component
public class Starting {
    private final AtomicInteger done = new AtomicInteger();
    private volatile int all;

    /** So many steps are to be taken before people can work. */
    public void takes(int steps) {
        all = steps;
    }

    /** One more step is done. */
    public void did() {
        done.incrementAndGet();
    }

    int done() {
        return done.get();
    }

    int all() {
        return all;
    }
}
