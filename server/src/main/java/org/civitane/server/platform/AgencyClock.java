package org.civitane.server.platform;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.function.Supplier;
import org.civitane.core.calendar.BusinessCalendar;
import org.springframework.stereotype.Component;

/**
 * The clock of the agency, in its time zone. The demo and tests let work happen at another moment, on the calling
 * thread only, by {@link #at}.
 */
@Component
public class AgencyClock extends Clock {
    private final Clock machine;
    private final ThreadLocal<Instant> moment = new ThreadLocal<>();
    private volatile Duration ahead = Duration.ZERO;

    AgencyClock() {
        this(Clock.system(BusinessCalendar.AGENCY_ZONE));
    }

    /** @param machine what the machine takes for the time */
    AgencyClock(Clock machine) {
        this.machine = machine;
    }

    /** From now on it shows the time of the database, which this machine's clock is ahead of by so much. */
    void isAhead(Duration by) {
        ahead = by;
    }

    /** What the machine takes for the time. */
    Instant onMachine() {
        return machine.instant();
    }

    /** Now, as the servers that share a database have it, also while something is done {@link #at} another moment. */
    public Instant now() {
        return machine.instant().minus(ahead).truncatedTo(ChronoUnit.MICROS);
    }

    @Override
    public ZoneId getZone() {
        return BusinessCalendar.AGENCY_ZONE;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return Clock.fixed(instant(), zone);
    }

    /** Now, to the microsecond, as the database keeps it. */
    @Override
    public Instant instant() {
        Instant set = moment.get();
        return set != null ? set.truncatedTo(ChronoUnit.MICROS) : now();
    }

    public LocalDate today() {
        return LocalDate.ofInstant(instant(), getZone());
    }

    /** Local agency time to the second. */
    public LocalDateTime localNow() {
        return LocalDateTime.ofInstant(instant(), getZone()).truncatedTo(ChronoUnit.SECONDS);
    }

    /** Does {@code work} as if it were that moment. */
    public <T> T at(LocalDateTime localMoment, Supplier<T> work) {
        Instant before = moment.get();
        moment.set(localMoment.atZone(getZone()).toInstant());
        try {
            return work.get();
        } finally {
            if (before == null) {
                moment.remove();
            } else {
                moment.set(before);
            }
        }
    }
}
