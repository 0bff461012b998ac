package org.civitane.server.standins;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.sql.Timestamp;
import java.util.List;
import org.civitane.server.platform.AgencyClock;
import org.springframework.context.annotation.Profile;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/**
 * The simulated bank: it books what it is told once, however often it is told. An account that ends in 99 is closed, so
 * money for it comes back; for one that ends in 98 it books a cent less than it was told.
 */
@RestController
@Profile(Simulated.PROFILE)
@Tag(name = "Outside services, simulated")
public class Bank {
    private static final String CLOSED = "99";
    private static final String CARELESS = "98";

    private final JdbcClient database;
    private final AgencyClock clock;

    Bank(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    public record Order(String iban, String holder, long cents) {}

    /** What was booked. @param state {@code BOOKED} or {@code RETURNED} */
    public record Booking(String reference, String state, long cents) {}

    @Operation(summary = "Pays under a name of the sender's; the same name again is the same booking.")
    @PutMapping("/standins/bank/transfers/{reference}")
    public Booking transfer(@PathVariable String reference, @RequestBody Order order) {
        boolean returned = order.iban().endsWith(CLOSED);
        long cents = returned ? 0 : order.iban().endsWith(CARELESS) ? order.cents() - 1 : order.cents();
        database.sql("""
                        insert into standin_booking (id, iban, cents, state, at) values (?, ?, ?, ?, ?)
                        on conflict (id) do nothing""")
                .params(
                        reference,
                        order.iban(),
                        cents,
                        returned ? "RETURNED" : "BOOKED",
                        Timestamp.from(clock.instant()))
                .update();
        return database.sql("select id, state, cents from standin_booking where id = ?")
                .param(reference)
                .query((row, number) -> new Booking(row.getString(1), row.getString(2), row.getLong(3)))
                .single();
    }

    /** All that was booked for an account, as it came. */
    public List<Booking> booked(String iban) {
        return database.sql("select id, state, cents from standin_booking where iban = ? order by at, id")
                .param(iban)
                .query((row, number) -> new Booking(row.getString(1), row.getString(2), row.getLong(3)))
                .list();
    }
}
