package org.civitane.server.papers.looking;

import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.util.unit.DataSize;

/**
 * What looking at files may cost.
 *
 * @param atOnce how many processes look at the same time
 * @param memory what each may hold
 * @param processorTime what one look may use
 * @param time how long one look may take by the clock: wide, since it says more about the machine than about the file
 * @param mostWaiting how many looks one household, or one caseworker, may have waiting
 */
@ConfigurationProperties("civitane.looking")
record LookingBounds(
        @DefaultValue("2") int atOnce,
        @DefaultValue("384MB") DataSize memory,
        @DefaultValue("10s") Duration processorTime,
        @DefaultValue("3m") Duration time,
        @DefaultValue("50") int mostWaiting) {}
