package org.civitane.server.standins;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.context.annotation.Profile;
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

    private final Bookings bookings;

    Bank(Bookings bookings) {
        this.bookings = bookings;
    }

    public record Order(String iban, String holder, long cents) {}

    /** What was booked. @param state {@code BOOKED} or {@code RETURNED} */
    public record Booking(String reference, String state, long cents) {}

    @Operation(summary = "Pays under a name of the sender's; the same name again is the same booking.")
    @PutMapping("/standins/bank/transfers/{reference}")
    public Booking transfer(@PathVariable String reference, @RequestBody Order order) {
        boolean returned = order.iban().endsWith(CLOSED);
        long cents = order.iban().endsWith(CARELESS) ? order.cents() - 1 : order.cents();
        return booking(bookings.keep(reference, order.iban(), "", returned, cents));
    }

    /** All that was booked for an account, as it came. */
    public List<Booking> booked(String iban) {
        return bookings.ofAccount(iban).stream().map(Bank::booking).toList();
    }

    private static Booking booking(Bookings.Booked booked) {
        return new Booking(booked.reference(), booked.state(), booked.cents());
    }
}
