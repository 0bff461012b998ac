package org.civitane.server.documents;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Component;

/**
 * Whoever tries numbers is slowed down: so many that nobody has, and for a while nothing is answered from there, also
 * not what would be right. Whoever checks what they were shown never notices.
 */
@Component
class CheckTries {
    static final int MOST = 30;
    private static final Duration WHILE = Duration.ofMinutes(10);
    private static final int NETWORKS = 100_000;

    private final LoadingCache<String, AtomicInteger> missed =
            Caffeine.newBuilder().expireAfterWrite(WHILE).maximumSize(NETWORKS).build(network -> new AtomicInteger());

    /** @param network the address from which someone asks @throws Problem when too many were wrong from there */
    void mayTry(String network) {
        if (missed.get(network).get() >= MOST) {
            throw Problem.tooMany(Phrase.of("check.too-many"), WHILE);
        }
    }

    /** Counts what was not found. @return the same */
    <T> Optional<T> counted(String network, Optional<T> found) {
        if (found.isEmpty()) {
            missed.get(network).incrementAndGet();
        }
        return found;
    }
}
