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
 * The simulated post office: it brings the money it is told to once, however often it is told. Nobody lives under the
 * post code 4999, so money for there comes back.
 */
@RestController
@Profile(Simulated.PROFILE)
@Tag(name = "Outside services, simulated")
public class PostOffice {
    private static final String NOBODY = "4999";

    private final Bookings bookings;

    PostOffice(Bookings bookings) {
        this.bookings = bookings;
    }

    /** Money to bring. */
    public record Order(String holder, String address, long cents) {}

    /** What was done. @param state {@code BOOKED} or {@code RETURNED} */
    public record Brought(String reference, String state, long cents) {}

    @Operation(summary = "Brings money under a name of the sender's; the same name again is the same order.")
    @PutMapping("/standins/post-office/orders/{reference}")
    public Brought bring(@PathVariable String reference, @RequestBody Order order) {
        boolean returned = order.address().endsWith(NOBODY);
        return brought(bookings.keep(reference, "", order.address(), returned, order.cents()));
    }

    /** All that was brought to an address, as it came. */
    public List<Brought> brought(String address) {
        return bookings.ofAddress(address).stream().map(PostOffice::brought).toList();
    }

    private static Brought brought(Bookings.Booked booked) {
        return new Brought(booked.reference(), booked.state(), booked.cents());
    }
}
