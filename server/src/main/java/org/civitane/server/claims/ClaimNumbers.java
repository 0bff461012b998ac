package org.civitane.server.claims;

import java.time.LocalDate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Gives claims their numbers: prefix, year and a running number, such as {@code SM-26-00417}. */
@Component
class ClaimNumbers {
    private final JdbcClient database;

    ClaimNumbers(JdbcClient database) {
        this.database = database;
    }

    /** The next number of its series. Two transactions never get the same. */
    String next(String prefix, LocalDate receivedOn) {
        String series = "%s-%02d".formatted(prefix, receivedOn.getYear() % 100);
        int number = database.sql(
                        "insert into claim_number (series, last) values (?, 1) on conflict (series) do update set last = claim_number.last + 1 returning last")
                .param(series)
                .query(Integer.class)
                .single();
        return "%s-%05d".formatted(series, number);
    }
}
