package org.civitane.server.contact;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.github.kagkarlsson.scheduler.SchedulerClient;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.civitane.server.access.OtherAddresses;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.claims.Wait;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Texts;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Tells an applicant outside that there is news on a claim: by e-mail, else by text message, and only as they allow.
 * The word never says what the news is, since others may read it.
 */
@Service
@Transactional
public class Notices {
    private final JdbcClient database;
    private final Contacts contacts;
    private final Claims claims;
    private final OtherAddresses addresses;
    private final SchedulerClient jobs;
    private final Texts texts;
    private final AgencyClock clock;

    Notices(
            JdbcClient database,
            Contacts contacts,
            Claims claims,
            OtherAddresses addresses,
            SchedulerClient jobs,
            Texts texts,
            AgencyClock clock) {
        this.database = database;
        this.contacts = contacts;
        this.claims = claims;
        this.addresses = addresses;
        this.jobs = jobs;
        this.texts = texts;
        this.clock = clock;
    }

    /** How word goes out. */
    public enum Channel {
        EMAIL,
        TEXT,
        /** By no way at all: the applicant rules all of them out, or gave none. */
        NONE
    }

    /**
     * One word that went out, is on its way, or may not go.
     *
     * @param sentAt empty until the carrier took it
     * @param secretOf whose link or code is filled in when it leaves; it is kept without
     */
    public record Notice(
            UUID id,
            UUID claim,
            Channel channel,
            String recipient,
            String subject,
            String body,
            String state,
            Instant madeAt,
            Optional<Instant> sentAt,
            @JsonIgnore Optional<UUID> secretOf) {}

    /** Sends word that there is news; where no way is allowed, the history says so and nothing goes. */
    public Channel tell(UUID claimId) {
        ClaimView claim = claims.claim(claimId);
        Contact contact = contacts.of(claimId, claims.applicantMember(claim));
        String email = addresses.addressFor(claim.applicant(), contact.email());
        Channel channel = contact.mayEmail() && !email.isEmpty()
                ? Channel.EMAIL
                : contact.mayText() && !contact.phone().isEmpty() ? Channel.TEXT : Channel.NONE;
        String recipient = switch (channel) {
            case EMAIL -> email;
            case TEXT -> contact.phone();
            case NONE -> "";
        };
        String greeting = contact.safeName().isEmpty() ? "" : texts.say("notice.greeting", contact.safeName()) + "\n\n";
        String body = greeting + texts.say(channel == Channel.TEXT ? "notice.text" : "notice.body", news(claim));
        keep(claimId, new Way(channel, recipient), body, Optional.empty());
        if (channel == Channel.NONE) {
            claims.note(claimId, Actor.part("notice.actor"), "not-notified", Phrase.of("history.not-notified"));
        }
        return channel;
    }

    /** What anybody may read over a shoulder: that there is something, and by when something is wanted. */
    private Phrase news(ClaimView claim) {
        return claim.waiting()
                .filter(wait -> wait.on() == Wait.On.APPLICANT && !claim.held())
                .map(wait -> Phrase.of("notice.by", claim.number(), Phrase.full(wait.until())))
                .orElseGet(() -> Phrase.of("notice.news", claim.number()));
    }

    /** A way to someone. */
    public record Way(Channel channel, String recipient) {}

    /** The ways to someone as they allow: e-mail before text messages; none when there is none. */
    public static List<Way> waysTo(Contact contact) {
        return Stream.of(
                        new Way(Channel.EMAIL, contact.mayEmail() ? contact.email() : ""),
                        new Way(Channel.TEXT, contact.mayText() ? contact.phone() : ""))
                .filter(way -> !way.recipient().isEmpty())
                .toList();
    }

    /**
     * Sends word to someone who has no account.
     *
     * @param body with a place for the secret, which is made and filled in when it leaves
     * @param secretOf whose secret that is
     */
    public void send(UUID claim, Way way, Phrase body, UUID secretOf) {
        keep(claim, way, texts.say(body), Optional.of(secretOf));
    }

    /** How often word with this secret was sent. */
    @Transactional(readOnly = true)
    public int sentWith(UUID secretOf) {
        return database.sql("select count(*) from notice where secret_of = ?")
                .param(secretOf)
                .query(Integer.class)
                .single();
    }

    private void keep(UUID claim, Way way, String body, Optional<UUID> secretOf) {
        UUID id = UUID.randomUUID();
        database.sql(
                        "insert into notice (id, claim_id, channel, recipient, subject, body, state, made_at, secret_of) values (?, ?, ?, ?, ?, ?, ?, ?, ?)")
                .params(
                        id,
                        claim,
                        way.channel().name(),
                        way.recipient(),
                        texts.say(secretOf.isPresent() ? "notice.asked" : "notice.subject"),
                        body,
                        way.channel() == Channel.NONE ? "HELD" : "QUEUED",
                        Timestamp.from(clock.instant()),
                        secretOf.orElse(null))
                .update();
        if (way.channel() != Channel.NONE) {
            jobs.scheduleIfNotExists(NoticeJob.TASK.instance(id.toString()).scheduledTo(clock.now()));
        }
    }

    /** What went out on a claim, the newest first. */
    @Transactional(readOnly = true)
    public List<Notice> of(UUID claim) {
        return database.sql("select * from notice where claim_id = ? order by made_at desc, id")
                .param(claim)
                .query(Notices::read)
                .list();
    }

    Optional<Notice> queued(UUID id) {
        return database.sql("select * from notice where id = ? and state = 'QUEUED'")
                .param(id)
                .query(Notices::read)
                .optional();
    }

    void sent(UUID id) {
        database.sql("update notice set state = 'SENT', sent_at = ? where id = ? and state = 'QUEUED'")
                .params(Timestamp.from(clock.instant()), id)
                .update();
    }

    private static Notice read(java.sql.ResultSet row, int number) throws java.sql.SQLException {
        return new Notice(
                row.getObject("id", UUID.class),
                row.getObject("claim_id", UUID.class),
                Channel.valueOf(row.getString("channel")),
                row.getString("recipient"),
                row.getString("subject"),
                row.getString("body"),
                row.getString("state"),
                row.getTimestamp("made_at").toInstant(),
                Optional.ofNullable(row.getTimestamp("sent_at")).map(Timestamp::toInstant),
                Optional.ofNullable(row.getObject("secret_of", UUID.class)));
    }
}
