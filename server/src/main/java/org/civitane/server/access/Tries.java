package org.civitane.server.access;

import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Digest;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Tries to sign in and to sign up, counted in the database so that all servers agree, and before a password is looked at,
 * so that many at once are counted too. Whoever guesses is slowed down by account and by network; a device from which an
 * account was used before is counted by itself, so that nobody can lock its owner out.
 */
@Component
class Tries {
    static final int OF_ONE_DEVICE = 5;
    static final int OF_ONE_ACCOUNT = 20;
    static final int OF_ONE_NETWORK = 50;
    private static final int LINKS_OF_ONE_NETWORK = 20;
    private static final Duration COUNTED = Duration.ofMinutes(15);
    private static final Duration SIGN_UPS_COUNTED = Duration.ofHours(1);

    private final JdbcClient database;
    private final AgencyClock clock;
    private final int mostSignUps;

    Tries(JdbcClient database, AgencyClock clock, @Value("${civitane.sign-ups-an-hour:30}") int mostSignUps) {
        this.database = database;
        this.clock = clock;
        this.mostSignUps = mostSignUps;
    }

    /** From where someone tries. @param device what the browser shows, empty when it shows nothing */
    record From(String network, String device) {
        /** By what is known of it, never by what was shown. */
        String deviceDigest() {
            return device.isEmpty() ? "" : Digest.of(device);
        }
    }

    /**
     * Counts a try before it is made.
     *
     * @return by which it is taken out again when it was right
     * @throws Problem when too many failed, whether or not this password would be right; says when to come back
     */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public long begin(String email, From from) {
        lock("email " + email);
        lock("network " + from.network());
        String device = isKnown(email, from) ? from.deviceDigest() : "";
        if (device.isEmpty()) {
            allow("email = ? and address = ? and device = ''", OF_ONE_DEVICE, email, from.network());
            allow("email = ? and device = ''", OF_ONE_ACCOUNT, email);
            allow("address = ? and device = ''", OF_ONE_NETWORK, from.network());
        } else {
            allow("device = ?", OF_ONE_DEVICE, device);
        }
        return database.sql("insert into login_failure (email, address, device, at) values (?, ?, ?, ?) returning id")
                .params(email, from.network(), device, now())
                .query(Long.class)
                .single();
    }

    /** It was right, so it does not count. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void takeBack(long id) {
        database.sql("delete from login_failure where id = ?").param(id).update();
    }

    /** Someone is all the way in: what failed before from there does not count any more. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void entered(String email, From from) {
        database.sql("delete from login_failure where email = ? and address = ?")
                .params(email, from.network())
                .update();
    }

    /** Its owner has a new password: what was guessed before does not hold them up. */
    @Transactional
    public void forget(String email) {
        database.sql("delete from login_failure where email = ?").param(email).update();
    }

    /** @throws Problem when too many accounts were made from there */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void signUp(String network) {
        lock("sign-up " + network);
        allow("sign_up", "address = ?", mostSignUps, SIGN_UPS_COUNTED, network);
        database.sql("insert into sign_up (address, at) values (?, ?)")
                .params(network, now())
                .update();
    }

    /** @throws Problem when too many links were asked for from there */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void askForLink(String network) {
        lock("link " + network);
        allow("sign_up", "address = ?", LINKS_OF_ONE_NETWORK, SIGN_UPS_COUNTED, "link " + network);
        database.sql("insert into sign_up (address, at) values (?, ?)")
                .params("link " + network, now())
                .update();
    }

    /** From now on the device is one of the account's. @return what its browser shows from now on */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public String know(UUID account, From from) {
        String device = from.device().isEmpty() ? Digest.newToken() : from.device();
        database.sql("""
                        insert into known_device (token_digest, account_id, used_at) values (?, ?, ?)
                        on conflict (token_digest, account_id) do update set used_at = excluded.used_at""").params(Digest.of(device), account, now()).update();
        return device;
    }

    private boolean isKnown(String email, From from) {
        return !from.device().isEmpty()
                && database.sql("""
                                select count(*) from known_device d join account a on a.id = d.account_id
                                where d.token_digest = ? and a.email = ?""")
                                .params(from.deviceDigest(), email)
                                .query(Integer.class)
                                .single()
                        > 0;
    }

    private void allow(String where, int most, Object... of) {
        allow("login_failure", where, most, COUNTED, of);
    }

    private void allow(String table, String where, int most, Duration counted, Object... of) {
        Object[] parameters = new Object[of.length + 1];
        System.arraycopy(of, 0, parameters, 0, of.length);
        parameters[of.length] = Timestamp.from(clock.instant().minus(counted));
        Optional<Instant> blocking = database.sql("select at from " + table + " where " + where
                        + " and at > ? order by at desc offset " + (most - 1) + " limit 1")
                .params(parameters)
                .query((row, number) -> row.getTimestamp(1).toInstant())
                .optional();
        blocking.ifPresent(since -> {
            Duration left = Duration.between(clock.instant(), since.plus(counted));
            throw Problem.tooMany(Phrase.of("account.too-many", Math.max(1, left.toMinutes() + 1)), left);
        });
    }

    /** Until the transaction ends, so that of many at once each sees those before it. */
    private void lock(String name) {
        database.sql("select pg_advisory_xact_lock(hashtextextended(?, 0))::text")
                .param(name)
                .query(String.class)
                .single();
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }
}
