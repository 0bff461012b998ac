package org.civitane.server.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.civitane.server.ServerTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Servers on one database agree what time it is, whatever their machines' clocks say. */
public class SharedTimeTest extends ServerTest {
    private static final Duration A_MOMENT = Duration.ofSeconds(5);

    @Autowired
    private JdbcClient database;

    @DataProvider
    Object[][] clocks() {
        return new Object[][] {{0, false}, {20, false}, {90, true}, {-90, true}};
    }

    @Test(dataProvider = "clocks")
    public void aClockThatIsOffShowsTheTimeOfTheDatabaseAndSaysSo(int seconds, boolean isOff) {
        AgencyClock there = new AgencyClock(Clock.offset(Clock.systemUTC(), Duration.ofSeconds(seconds)));
        SharedTime time = new SharedTime(database, there, Duration.ofMinutes(1));
        try {
            assertThat(Duration.between(Instant.now(), there.now()).abs()).isLessThan(A_MOMENT);
            assertThat(there.instant()).isCloseTo(there.now(), within(A_MOMENT));
            assertThat(time.isOff()).isEqualTo(isOff);
        } finally {
            time.destroy();
        }
    }
}
