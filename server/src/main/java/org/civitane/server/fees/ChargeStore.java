package org.civitane.server.fees;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.amount.Money;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Digest;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Charges and what was begun to pay them, as the database keeps them. */
@Component
class ChargeStore {
    private final JdbcClient database;
    private final AgencyClock clock;

    ChargeStore(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** By which all of this is dated. */
    AgencyClock clock() {
        return clock;
    }

    /** Someone set out to pay. @param cents what was asked of them */
    record Checkout(String id, UUID claim, State state, long cents, Instant begunAt) {
        /** What became of it. */
        enum State {
            BEGUN,
            PAID,
            REFUSED,
            /** Another amount came than was asked for, or one that was not owed any more; it goes back. */
            QUESTIONED,
            /** What came went back. */
            GIVEN_BACK
        }
    }

    /** Money that came and was not owed. */
    record NotOwed(String amount, boolean isBack) {}

    boolean open(Charge charge) {
        return database.sql("""
                                insert into charge (claim_id, reference, cents, state, pay_by, ask_id, changed_at)
                                values (?, ?, ?, 'OPEN', ?, ?, ?) on conflict (claim_id) do nothing""")
                        .params(
                                charge.claim(),
                                charge.reference(),
                                charge.amount().cents(),
                                charge.payBy(),
                                charge.ask(),
                                now())
                        .update()
                > 0;
    }

    Optional<Charge> of(UUID claim) {
        return database.sql("select * from charge where claim_id = ?")
                .param(claim)
                .query(ChargeStore::charge)
                .optional();
    }

    /** @return whether it was in the state it is to leave */
    boolean move(UUID claim, Charge.State from, Charge.State to) {
        return database.sql("update charge set state = ?, changed_at = ? where claim_id = ? and state = ?")
                        .params(to.name(), now(), claim, from.name())
                        .update()
                > 0;
    }

    void receipt(UUID claim, String digest) {
        database.sql("update charge set receipt = ? where claim_id = ?")
                .params(digest, claim)
                .update();
    }

    /** @return the name under which it is paid, which nobody can guess */
    String begin(Charge charge) {
        String checkout = Digest.newToken();
        database.sql("""
                        insert into checkout (id, claim_id, state, cents, begun_at, changed_at)
                        values (?, ?, 'BEGUN', ?, ?, ?)""")
                .params(checkout, charge.claim(), charge.amount().cents(), now(), now())
                .update();
        return checkout;
    }

    Optional<Checkout> checkout(String id) {
        return database.sql("select * from checkout where id = ?")
                .param(id)
                .query(ChargeStore::checkout)
                .optional();
    }

    /** Those of a claim of which nothing was heard yet. */
    List<Checkout> begun(UUID claim) {
        return database.sql("select * from checkout where claim_id = ? and state = 'BEGUN' order by begun_at")
                .param(claim)
                .query(ChargeStore::checkout)
                .list();
    }

    /** The claims with checkouts of which nothing was heard, begun within that time, the longest first. */
    List<UUID> unheard(Duration longerThan, Duration shorterThan, int most) {
        return database.sql("""
                        select claim_id from checkout where state = 'BEGUN' and begun_at < ? and begun_at > ?
                        group by claim_id order by min(begun_at) limit ?""")
                .params(
                        Timestamp.from(clock.instant().minus(longerThan)),
                        Timestamp.from(clock.instant().minus(shorterThan)),
                        most)
                .query(UUID.class)
                .list();
    }

    /** The checkout with which a fee was paid, which is to go back; nothing when none was. */
    Optional<Checkout> toGiveBack(UUID claim) {
        return database.sql("""
                        update checkout set state = 'QUESTIONED', came = cents, changed_at = ?
                        where claim_id = ? and state = 'PAID' returning *""")
                .params(now(), claim)
                .query(ChargeStore::checkout)
                .optional();
    }

    /** What came with a checkout that was not what was asked for. */
    void came(String id, long cents) {
        database.sql("update checkout set came = ? where id = ?")
                .params(cents, id)
                .update();
    }

    Money came(String id) {
        return Money.ofCents(database.sql("select came from checkout where id = ?")
                .param(id)
                .query(Long.class)
                .single());
    }

    /** @return whether it had not gone back before */
    boolean wentBack(String id) {
        return database.sql(
                                "update checkout set state = 'GIVEN_BACK', changed_at = ? where id = ? and state = 'QUESTIONED'")
                        .params(now(), id)
                        .update()
                > 0;
    }

    /** What came on a claim that was not owed, by whether it has gone back, the newest first. */
    List<NotOwed> notOwed(UUID claim) {
        return database.sql("select came, state from checkout where claim_id = ? and came > 0 order by changed_at desc")
                .param(claim)
                .query((row, number) -> new NotOwed(
                        Money.ofCents(row.getLong(1)).toString(),
                        row.getString(2).equals(Checkout.State.GIVEN_BACK.name())))
                .list();
    }

    /** Whether the newest of the tries to pay a claim's fee was refused. */
    boolean wasRefused(UUID claim) {
        return database.sql("select state from checkout where claim_id = ? order by begun_at desc limit 1")
                .param(claim)
                .query(String.class)
                .optional()
                .filter(Checkout.State.REFUSED.name()::equals)
                .isPresent();
    }

    /** Money that came counts also where it was refused before: notices come in any order. @return whether that is new */
    boolean heard(String id, Checkout.State state) {
        return database.sql("""
                        update checkout set state = ?, changed_at = ?
                        where id = ? and (state = 'BEGUN' or state = 'REFUSED' and ? <> 'REFUSED')""").params(state.name(), now(), id, state.name()).update() > 0;
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }

    private static Charge charge(ResultSet row, int number) throws SQLException {
        return new Charge(
                row.getObject("claim_id", UUID.class),
                row.getString("reference"),
                Money.ofCents(row.getLong("cents")),
                Charge.State.valueOf(row.getString("state")),
                row.getObject("pay_by", LocalDate.class),
                row.getObject("ask_id", UUID.class),
                row.getString("receipt"));
    }

    private static Checkout checkout(ResultSet row, int number) throws SQLException {
        return new Checkout(
                row.getString("id"),
                row.getObject("claim_id", UUID.class),
                Checkout.State.valueOf(row.getString("state")),
                row.getLong("cents"),
                row.getTimestamp("begun_at").toInstant());
    }
}
