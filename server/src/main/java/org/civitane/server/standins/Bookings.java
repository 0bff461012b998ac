package org.civitane.server.standins;

import java.sql.Timestamp;
import java.util.List;
import org.civitane.server.platform.AgencyClock;
import org.springframework.context.annotation.Profile;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** What simulated services did with money they were told of: each name once, however often it is told. */
@Component
@Profile(Simulated.PROFILE)
class Bookings {
    private final JdbcClient database;
    private final AgencyClock clock;

    Bookings(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** What was done under a name. @param state {@code BOOKED} or {@code RETURNED} */
    record Booked(String reference, String state, long cents) {}

    /**
     * Keeps what is done under a name, unless something was done under it before.
     *
     * @param iban where it goes, if it is an account
     * @param address where it goes, if it is none
     * @param cents nothing where it is sent back
     */
    Booked keep(String reference, String iban, String address, boolean returned, long cents) {
        database.sql("""
                        insert into standin_booking (id, iban, address, cents, state, at) values (?, ?, ?, ?, ?, ?)
                        on conflict (id) do nothing""")
                .params(
                        reference,
                        iban,
                        address,
                        returned ? 0 : cents,
                        returned ? "RETURNED" : "BOOKED",
                        Timestamp.from(clock.instant()))
                .update();
        return all("id", reference).getFirst();
    }

    /** All that went to an account, as it came. */
    List<Booked> ofAccount(String iban) {
        return all("iban", iban);
    }

    /** All that went to an address, as it came. */
    List<Booked> ofAddress(String address) {
        return all("address", address);
    }

    private List<Booked> all(String column, String value) {
        return database.sql("select id, state, cents from standin_booking where " + column + " = ? order by at, id")
                .param(value)
                .query((row, number) -> new Booked(row.getString(1), row.getString(2), row.getLong(3)))
                .list();
    }
}
