package org.civitane.server.contact;

import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.BringsBack;
import org.civitane.server.claims.CameUp;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What applicant and caseworker write to each other on a claim. */
@Service
@Transactional
public class Messages implements BringsBack {
    private static final int LONGEST = 4000;
    private static final Duration SECOND_PRESS = Duration.ofMinutes(1);

    private final JdbcClient database;
    private final Claims claims;
    private final Notices notices;
    private final Texts texts;
    private final AgencyClock clock;

    Messages(JdbcClient database, Claims claims, Notices notices, Texts texts, AgencyClock clock) {
        this.database = database;
        this.claims = claims;
        this.notices = notices;
        this.texts = texts;
        this.clock = clock;
    }

    /** One message. @param readAt when the other side opened it; empty while it is unread */
    public record Message(
            UUID id, boolean fromStaff, String author, String body, Instant at, Optional<Instant> readAt) {}

    /** All messages of a claim, the oldest first. */
    @Transactional(readOnly = true)
    public List<Message> of(UUID claim) {
        return database.sql("select * from message where claim_id = ? order by at, id")
                .param(claim)
                .query((row, number) -> new Message(
                        row.getObject("id", UUID.class),
                        row.getBoolean("from_staff"),
                        row.getString("author"),
                        row.getString("body"),
                        row.getTimestamp("at").toInstant(),
                        Optional.ofNullable(row.getTimestamp("read_at")).map(Timestamp::toInstant)))
                .list();
    }

    /** How many messages this side has not opened yet. */
    @Transactional(readOnly = true)
    public int unread(UUID claim, boolean forStaff) {
        return database.sql("select count(*) from message where claim_id = ? and from_staff = ? and read_at is null")
                .params(claim, !forStaff)
                .query(Integer.class)
                .single();
    }

    @Override
    public List<CameUp> cameUp(ClaimView claim) {
        int unread = unread(claim.id(), true);
        return unread > 0 ? List.of(new CameUp(CameUp.Kind.MESSAGE, Phrase.of("next.message", unread))) : List.of();
    }

    /** Writes a message; word of one from the caseworker goes out as the applicant allows. */
    public Message write(ClaimView claim, String body, SignedIn who) {
        String words = body.strip();
        if (words.isEmpty() || words.length() > LONGEST) {
            throw Problem.invalid("body", Phrase.of("problem.message", LONGEST));
        }
        boolean fromStaff = who.role().isStaff();
        Optional<Message> justNow = justNow(claim.id(), who.displayName(), words);
        if (justNow.isPresent()) {
            return justNow.get();
        }
        return write(claim, fromStaff, who.displayName(), words, Actor.of(who));
    }

    /** A second press of the button is no second message. */
    private Optional<Message> justNow(UUID claim, String author, String words) {
        return of(claim).reversed().stream()
                .findFirst()
                .filter(last -> last.author().equals(author)
                        && last.body().equals(words)
                        && last.at().isAfter(clock.instant().minus(SECOND_PRESS)));
    }

    private Message write(ClaimView claim, boolean fromStaff, String author, String words, Actor actor) {
        Message message = new Message(UUID.randomUUID(), fromStaff, author, words, clock.instant(), Optional.empty());
        database.sql("insert into message (id, claim_id, from_staff, author, body, at) values (?, ?, ?, ?, ?, ?)")
                .params(message.id(), claim.id(), fromStaff, message.author(), words, Timestamp.from(message.at()))
                .update();
        claims.note(claim.id(), actor, "message", Phrase.of("history.message"));
        if (fromStaff) {
            notices.tell(claim.id());
        }
        claims.touch(claim.id());
        return message;
    }

    /** The agency itself writes to the applicant. */
    public void tell(ClaimView claim, String words) {
        String author = texts.say("message.agency");
        write(claim, true, author, words, Actor.part("message.agency"));
    }

    /** Everything the other side wrote is read now. */
    public void read(UUID claim, boolean byStaff) {
        int opened = database.sql(
                        "update message set read_at = ? where claim_id = ? and from_staff = ? and read_at is null")
                .params(Timestamp.from(clock.instant()), claim, !byStaff)
                .update();
        if (opened > 0) {
            claims.touch(claim);
        }
    }
}
