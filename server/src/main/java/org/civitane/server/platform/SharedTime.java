package org.civitane.server.platform;

import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Servers on one database have its time, whatever their machines' clocks say: else one takes the jobs of another for
 * dead, and a code that is right is refused. A server whose clock is far off says so, and is not ready.
 */
@Component
class SharedTime implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(SharedTime.class);
    private static final Duration EVERY = Duration.ofSeconds(30);

    private final JdbcClient database;
    private final AgencyClock clock;
    private final Duration tolerated;
    private final ScheduledExecutorService looks = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("shared-time").factory());
    private volatile Duration ahead = Duration.ZERO;

    /** @param tolerated how far this machine's clock may be off before people are sent to another server */
    SharedTime(JdbcClient database, AgencyClock clock, @Value("${civitane.clock-tolerance:1m}") Duration tolerated) {
        this.database = database;
        this.clock = clock;
        this.tolerated = tolerated;
        look();
        looks.scheduleWithFixedDelay(this::look, EVERY.toMillis(), EVERY.toMillis(), TimeUnit.MILLISECONDS);
    }

    /** Whether this machine's clock is further off than is tolerated. */
    boolean isOff() {
        return ahead.abs().compareTo(tolerated) > 0;
    }

    /** While the database is away the time goes on as it was. */
    private void look() {
        try {
            Instant before = clock.onMachine();
            Instant there = database.sql("select clock_timestamp()")
                    .query(OffsetDateTime.class)
                    .single()
                    .toInstant();
            Instant between =
                    before.plus(Duration.between(before, clock.onMachine()).dividedBy(2));
            ahead = Duration.between(there, between);
            clock.isAhead(ahead);
        } catch (DataAccessException e) {
            LOG.debug("The time could not be asked for", WithoutWords.of(e));
        }
        if (isOff()) {
            LOG.warn("The clock of this machine is off by {} s; the database's time counts", ahead.toSeconds());
        }
    }

    @Override
    public void destroy() {
        looks.shutdownNow();
    }
}
