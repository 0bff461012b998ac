package org.civitane.server.papers;

import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/** Looks at files that are not trusted: only a few at a time, since it takes memory, and none for ever. */
@Component
class Looking implements DisposableBean {
    private static final int AT_ONCE = 3;
    private static final int SECONDS = 60;

    private final ExecutorService eyes = Executors.newFixedThreadPool(
            AT_ONCE, Thread.ofPlatform().daemon().name("looking-", 0).factory());
    private final Semaphore turns = new Semaphore(AT_ONCE, true);
    private final Texts texts;

    Looking(Texts texts) {
        this.texts = texts;
    }

    /** @throws Problem as {@code look} does, or when it takes too long */
    <T> T at(Callable<T> look) {
        turns.acquireUninterruptibly();
        try {
            return begun(eyes.submit(look));
        } finally {
            turns.release();
        }
    }

    /** The time counts from when it is begun: whoever waits for their turn has done nothing wrong. */
    private <T> T begun(Future<T> looked) {
        try {
            return looked.get(SECONDS, TimeUnit.SECONDS);
        } catch (ExecutionException e) {
            throw e.getCause() instanceof RuntimeException cause ? cause : new IllegalStateException(e.getCause());
        } catch (TimeoutException e) {
            looked.cancel(true);
            throw Problem.invalid("file", texts.say("paper.too-long"));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw Problem.conflict("stopping", texts.say("paper.stopping"));
        }
    }

    @Override
    public void destroy() {
        eyes.shutdownNow();
    }
}
