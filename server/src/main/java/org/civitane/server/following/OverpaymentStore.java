package org.civitane.server.following;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.PaidFor;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Overpayments, and what is kept back for them, as the database keeps them. */
@Component
class OverpaymentStore {
    private static final String SELECT = """
            select o.*, coalesce((select sum(k.cents) from kept_back k where k.overpayment_id = o.id), 0) as kept_cents
            from overpayment o where""";

    private final JdbcClient database;

    OverpaymentStore(JdbcClient database) {
        this.database = database;
    }

    /** Those of a claim, but for what turned out to be none. */
    List<Overpayment> of(UUID claim) {
        return database.sql(SELECT + " o.claim_id = ? and o.state <> 'GONE' order by o.paid_for, o.found_at")
                .param(claim)
                .query(OverpaymentStore::read)
                .list();
    }

    /** What the applicant of a claim owes on any of their claims, the oldest first; held until the transaction ends. */
    List<Overpayment> holdOwedByApplicantOf(UUID claim) {
        List<UUID> held = database.sql("""
                        select o.id from overpayment o where o.state = 'CLAIMED_BACK' and o.claim_id in (
                          select theirs.id from claim this join claim theirs on theirs.applicant_id = this.applicant_id
                          where this.id = ?)
                        order by o.id for update""").param(claim).query(UUID.class).list();
        return database.sql(SELECT + " o.id = any(?) order by o.decided_at, o.id")
                .param(held.toArray(UUID[]::new))
                .query(OverpaymentStore::read)
                .list();
    }

    Optional<Overpayment> find(UUID id) {
        return database.sql(SELECT + " o.id = ?")
                .param(id)
                .query(OverpaymentStore::read)
                .optional();
    }

    /** What is found for a time is this much from now on; nothing found, it is gone. */
    void found(UUID claim, PaidFor time, Money over, Instant at) {
        if (over.isPositive()) {
            database.sql("""
                            insert into overpayment (id, claim_id, paid_for, cents, state, found_at)
                            values (gen_random_uuid(), ?, ?, ?, 'FOUND', ?)
                            on conflict (claim_id, paid_for) where state = 'FOUND' do update set cents = excluded.cents""")
                    .params(claim, time.toString(), over.cents(), Timestamp.from(at))
                    .update();
        } else {
            database.sql(
                            "update overpayment set state = 'GONE' where claim_id = ? and paid_for = ? and state = 'FOUND'")
                    .params(claim, time.toString())
                    .update();
        }
    }

    void decide(UUID id, Overpayment.State state, String reason, Optional<String> letter, String by, Instant at) {
        database.sql(
                        "update overpayment set state = ?, reason = ?, letter = ?, decided_by = ?, decided_at = ? where id = ?")
                .params(state.name(), reason, letter.orElse(null), by, Timestamp.from(at), id)
                .update();
    }

    void agree(UUID id, int percent) {
        database.sql("update overpayment set agreed_percent = ? where id = ?")
                .params(percent, id)
                .update();
    }

    void keepBack(UUID payment, UUID overpayment, Money amount) {
        database.sql(
                        "insert into kept_back (payment_id, overpayment_id, cents) values (?, ?, ?) on conflict do nothing")
                .params(payment, overpayment, amount.cents())
                .update();
    }

    void keepNothingBack(UUID payment) {
        database.sql("delete from kept_back where payment_id = ?")
                .param(payment)
                .update();
    }

    /** What is kept back of a payment for one overpayment. */
    record Kept(UUID overpayment, UUID claim, Money amount) {}

    List<Kept> keptOf(UUID payment) {
        return database.sql("""
                        select k.overpayment_id, o.claim_id, k.cents from kept_back k join overpayment o on o.id = k.overpayment_id
                        where k.payment_id = ?""")
                .param(payment)
                .query((row, number) -> new Kept(
                        row.getObject(1, UUID.class), row.getObject(2, UUID.class), Money.ofCents(row.getLong(3))))
                .list();
    }

    private static Overpayment read(ResultSet row, int number) throws SQLException {
        return new Overpayment(
                row.getObject("id", UUID.class),
                row.getObject("claim_id", UUID.class),
                PaidFor.parse(row.getString("paid_for")),
                Money.ofCents(row.getLong("cents")),
                Overpayment.State.valueOf(row.getString("state")),
                Money.ofCents(row.getLong("kept_cents")),
                Optional.ofNullable(row.getObject("agreed_percent", Integer.class)),
                row.getString("reason"),
                Optional.ofNullable(row.getString("letter")),
                Optional.ofNullable(row.getTimestamp("decided_at")).map(Timestamp::toInstant));
    }
}
