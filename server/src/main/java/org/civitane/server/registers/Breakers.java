package org.civitane.server.registers;

import io.github.resilience4j.circuitbreaker.CallNotPermittedException;
import io.github.resilience4j.circuitbreaker.CircuitBreakerConfig;
import io.github.resilience4j.circuitbreaker.CircuitBreakerRegistry;
import java.time.Duration;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Leaves an outside service alone for a while after it failed most of the time, so that nobody waits out its time-outs
 * one after the other; then one question goes through, and when it is answered all do. Each server counts for itself.
 */
@Component
class Breakers {
    private static final int LOOKED_AT = 10;
    private static final int FEWEST = 5;
    private static final float TOO_MANY_FAILED = 60;

    private final CircuitBreakerRegistry services;

    Breakers(@Value("${civitane.register-rest}") Duration rest) {
        this.services = CircuitBreakerRegistry.of(CircuitBreakerConfig.custom()
                .slidingWindowSize(LOOKED_AT)
                .minimumNumberOfCalls(FEWEST)
                .failureRateThreshold(TOO_MANY_FAILED)
                .waitDurationInOpenState(rest)
                .permittedNumberOfCallsInHalfOpenState(1)
                .build());
    }

    /** The service is left alone for now, and was not asked. */
    static final class Resting extends RuntimeException {
        Resting(String service) {
            super(service + " is left alone for now");
        }
    }

    /** Asks a service. @throws Resting when it is left alone */
    <T> T call(String service, Supplier<T> question) {
        try {
            return services.circuitBreaker(service).executeSupplier(question);
        } catch (CallNotPermittedException e) {
            throw new Resting(service);
        }
    }
}
