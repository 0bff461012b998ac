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
 * The simulated post office: it brings the money it is told to once, however often it is told. Nobody lives under the
 * post code 4999, so money for there comes back.
 */
@RestController
@Profile(Simulated.PROFILE)
@Tag(name = "Outside services, simulated")
public class PostOffice {
    private static final String NOBODY = "4999";

    private final JdbcClient database;
    private final AgencyClock clock;

    PostOffice(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Money to bring. */
    public record Order(String holder, String address, long cents) {}

    /** What was done. @param state {@code BOOKED} or {@code RETURNED} */
    public record Brought(String reference, String state, long cents) {}

    @Operation(summary = "Brings money under a name of the sender's; the same name again is the same order.")
    @PutMapping("/standins/post-office/orders/{reference}")
    public Brought bring(@PathVariable String reference, @RequestBody Order order) {
        boolean returned = order.address().endsWith(NOBODY);
        database.sql("""
                        insert into standin_booking (id, iban, address, cents, state, at) values (?, '', ?, ?, ?, ?)
                        on conflict (id) do nothing""")
                .params(
                        reference,
                        order.address(),
                        returned ? 0 : order.cents(),
                        returned ? "RETURNED" : "BOOKED",
                        Timestamp.from(clock.instant()))
                .update();
        return database.sql("select id, state, cents from standin_booking where id = ?")
                .param(reference)
                .query((row, number) -> new Brought(row.getString(1), row.getString(2), row.getLong(3)))
                .single();
    }

    /** All that was brought to an address, as it came. */
    public List<Brought> brought(String address) {
        return database.sql("select id, state, cents from standin_booking where address = ? order by at, id")
                .param(address)
                .query((row, number) -> new Brought(row.getString(1), row.getString(2), row.getLong(3)))
                .list();
    }
}
