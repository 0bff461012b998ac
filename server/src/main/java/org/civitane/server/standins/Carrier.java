package org.civitane.server.standins;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.civitane.server.platform.AgencyClock;
import org.springframework.context.annotation.Profile;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The simulated carrier of mail and text messages: nothing leaves, everything can be read in the demo. */
@RestController
@Profile(Simulated.PROFILE)
@Tag(name = "Outside services, simulated")
public class Carrier {
    private static final int MOST = 200;

    private final JdbcClient database;
    private final AgencyClock clock;

    Carrier(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** A message to carry. @param id the sender's; the same id again is the same message */
    public record Sending(UUID id, String channel, String recipient, String subject, String body) {}

    /** A message that would have gone out. */
    public record Sent(UUID id, String channel, String recipient, String subject, String body, Instant at) {}

    @Operation(summary = "Takes a message; the same id twice is carried once.")
    @PostMapping("/standins/carrier/messages")
    @ResponseStatus(HttpStatus.ACCEPTED)
    public void carry(@RequestBody Sending message) {
        database.sql("""
                        insert into standin_carried (id, channel, recipient, subject, body, at)
                        values (?, ?, ?, ?, ?, ?) on conflict (id) do nothing""")
                .params(
                        message.id(),
                        message.channel(),
                        message.recipient(),
                        message.subject(),
                        message.body(),
                        java.sql.Timestamp.from(clock.instant()))
                .update();
    }

    /** The newest first. */
    public List<Sent> carried() {
        return database.sql(
                        "select id, channel, recipient, subject, body, at from standin_carried order by at desc, id limit "
                                + MOST)
                .query((row, number) -> new Sent(
                        row.getObject(1, UUID.class),
                        row.getString(2),
                        row.getString(3),
                        row.getString(4),
                        row.getString(5),
                        row.getTimestamp(6).toInstant()))
                .list();
    }
}
