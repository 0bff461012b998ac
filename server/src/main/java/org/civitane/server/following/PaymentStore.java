package org.civitane.server.following;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.PaidFor;
import org.civitane.server.ledger.Ledger;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.PhraseColumn;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Payments and accounts as the database keeps them. */
@Component
class PaymentStore {
    private static final String SELECT = """
            select p.*, coalesce(k.kept, 0) as kept_cents,
              case when p.state in ('BOOKED', 'QUESTIONED') then coalesce(p.booked_cents, p.cents - coalesce(k.kept, 0)) + coalesce(k.kept, 0)
                   when p.state = 'PLANNED' and p.told_at is not null then p.cents else 0 end as left_cents
            from payment p left join lateral (select sum(cents) as kept from kept_back where payment_id = p.id) k on true where""";

    private final JdbcClient database;
    private final Ledger ledger;

    PaymentStore(JdbcClient database, Ledger ledger) {
        this.database = database;
        this.ledger = ledger;
    }

    /** Plans what is paid, but for months and weeks for which something is planned already. */
    void plan(UUID claim, UUID run, List<Consequence.Pay> pays, Instant at) {
        database.sql("""
                        insert into payment (id, claim_id, run_id, consequence, paid_for, cents, due_on, whom, state, changed_at)
                        select gen_random_uuid(), ?, ?, 'PAY', pay.paid_for, pay.cents, pay.due_on::date, pay.whom, 'PLANNED', ?::timestamptz
                        from unnest(?, ?, ?, ?) as pay (paid_for, cents, due_on, whom)
                        on conflict (claim_id, consequence, paid_for, part) do nothing""")
                .params(
                        claim,
                        run,
                        Timestamp.from(at),
                        pays.stream().map(pay -> pay.time().toString()).toArray(String[]::new),
                        pays.stream().map(pay -> pay.amount().cents()).toArray(Long[]::new),
                        pays.stream().map(pay -> pay.on().toString()).toArray(String[]::new),
                        pays.stream().map(pay -> pay.to().orElse("")).toArray(String[]::new))
                .update();
    }

    List<Payment> of(UUID claim) {
        return database.sql(SELECT + " p.claim_id = ? order by p.paid_for, p.part")
                .param(claim)
                .query(PaymentStore::read)
                .list();
    }

    /**
     * What the bank has booked.
     *
     * @param run the kept run that it rests on
     * @param amount what it booked, also where that was not what it was told
     * @param keptBack what was kept back of it, and so is not in the amount
     */
    record Booked(UUID run, PaidFor time, int part, Money amount, Money keptBack, Instant at) {}

    /** What was booked for the household, in the order of what it is for. */
    List<Booked> booked(UUID claim) {
        return database.sql("""
                        select p.run_id, p.paid_for, p.part, coalesce(p.booked_cents, p.cents - k.kept) as cents, k.kept, p.changed_at
                        from payment p
                        join lateral (select coalesce(sum(cents), 0) as kept from kept_back where payment_id = p.id) k on true
                        where p.claim_id = ? and p.state = 'BOOKED' and p.whom = '' order by p.paid_for, p.part""")
                .param(claim)
                .query((row, number) -> new Booked(
                        row.getObject("run_id", UUID.class),
                        PaidFor.parse(row.getString("paid_for")),
                        row.getInt("part"),
                        Money.ofCents(row.getLong("cents")),
                        Money.ofCents(row.getLong("kept")),
                        row.getTimestamp("changed_at").toInstant()))
                .list();
    }

    Optional<Payment> find(UUID id) {
        return database.sql(SELECT + " p.id = ?")
                .param(id)
                .query(PaymentStore::read)
                .optional();
    }

    /**
     * It is told to the bank from now on; neither its amount nor where it goes changes any more.
     *
     * @return whether it was not before
     */
    boolean tell(UUID payment, Payee to, Instant at) {
        return database.sql("""
                        update payment set told_at = ?, iban = ?, holder = ?, address = ?
                        where id = ? and state = 'PLANNED' and told_at is null""")
                        .params(Timestamp.from(at), to.iban(), to.holder(), to.address(), payment)
                        .update()
                == 1;
    }

    /** Where the bank was told to place it; nothing before it was told. */
    Optional<Payee> told(UUID payment) {
        return database.sql(
                        "select iban, holder, address from payment where id = ? and told_at is not null and (iban <> '' or address <> '')")
                .param(payment)
                .query((row, number) -> new Payee(row.getString(1), row.getString(2), row.getString(3)))
                .optional();
    }

    /** What is still to leave is another amount. */
    void change(Payment payment, Money amount, UUID run, Instant at) {
        database.sql("update payment set cents = ?, run_id = ?, changed_at = ? where id = ?")
                .params(amount.cents(), run, Timestamp.from(at), payment.id())
                .update();
    }

    /** What has not left does not leave. */
    void stop(Payment payment, Instant at) {
        database.sql("update payment set state = 'STOPPED', changed_at = ? where id = ?")
                .params(Timestamp.from(at), payment.id())
                .update();
    }

    /** One more payment for a time for which something was paid, or was to be paid, before. */
    void add(UUID claim, UUID run, Consequence.Pay pay, int part, Money amount, Instant at) {
        database.sql("""
                        insert into payment (id, claim_id, run_id, consequence, paid_for, part, cents, due_on, whom, state, changed_at)
                        values (gen_random_uuid(), ?, ?, 'PAY', ?, ?, ?, ?, ?, 'PLANNED', ?)""")
                .params(
                        claim,
                        run,
                        pay.time().toString(),
                        part,
                        amount.cents(),
                        pay.on(),
                        pay.to().orElse(""),
                        Timestamp.from(at))
                .update();
    }

    /** @return whether it was still planned under that name, so that no answer of the bank counts twice */
    boolean answered(Payment sent, Payment.State state, long bookedCents, Instant at) {
        boolean first = database.sql("""
                        update payment set state = ?, booked_cents = ?, changed_at = ?
                        where id = ? and state = 'PLANNED' and attempt = ?""")
                        .params(state.name(), bookedCents, Timestamp.from(at), sent.id(), sent.attempt())
                        .update()
                == 1;
        if (first && bookedCents > 0) {
            ledger.book(
                    "paid/" + sent.reference(),
                    sent.claim(),
                    Ledger.Account.BENEFITS,
                    Ledger.Account.BANK,
                    Money.ofCents(bookedCents));
        }
        return first;
    }

    /** What came back may go out again, under another name. */
    void planAgain(UUID claim, Instant at) {
        database.sql("""
                        update payment set state = 'PLANNED', attempt = attempt + 1, iban = '', holder = '', address = '', told_at = null, changed_at = ?
                        where claim_id = ? and state = 'RETURNED'""").params(Timestamp.from(at), claim).update();
    }

    /** What has not left does not leave. */
    int stop(UUID claim, Instant at) {
        return database.sql(
                        "update payment set state = 'STOPPED', changed_at = ? where claim_id = ? and (state = 'PLANNED' and told_at is null or state = 'RETURNED')")
                .params(Timestamp.from(at), claim)
                .update();
    }

    /** Someone looked at what the bank booked. @return whether it was questioned until now */
    boolean accept(UUID claim, UUID payment, Instant at) {
        return database.sql(
                                "update payment set state = 'BOOKED', changed_at = ? where id = ? and claim_id = ? and state = 'QUESTIONED'")
                        .params(Timestamp.from(at), payment, claim)
                        .update()
                == 1;
    }

    /** Where money for somebody goes; nothing while it was given by nobody. @param whom as in {@link #keep} */
    Optional<Payee> payee(UUID claim, String whom) {
        return given(claim, whom).map(Given::payee);
    }

    /** For whom it is known where their money goes; the household is the empty text. */
    List<String> whoseAccountsAreKnown(UUID claim) {
        return database.sql("select whom from payee where claim_id = ?")
                .param(claim)
                .query(String.class)
                .list();
    }

    /**
     * Where money goes, and how that is known.
     *
     * @param by who gave it, in words; nothing where that was not written down
     * @param changed whether another was given before
     */
    record Given(Payee payee, Optional<Phrase> by, Instant at, boolean changed) {}

    Optional<Given> given(UUID claim, String whom) {
        return database.sql("select * from payee where claim_id = ? and whom = ?")
                .params(claim, whom)
                .query((row, number) -> new Given(
                        new Payee(row.getString("iban"), row.getString("holder"), row.getString("address")),
                        Optional.ofNullable(row.getString("given_by")).map(PhraseColumn::read),
                        row.getTimestamp("given_at").toInstant(),
                        row.getBoolean("changed")))
                .optional();
    }

    /**
     * Keeps where money for somebody goes.
     *
     * @param whom who outside the household is paid; empty for the household
     * @param by who gave it, in words
     */
    void keep(UUID claim, Payee payee, String whom, Phrase by, Instant at) {
        database.sql("""
                        insert into payee (claim_id, iban, holder, address, whom, given_by, given_at)
                        values (?, ?, ?, ?, ?, ?::jsonb, ?)
                        on conflict (claim_id, whom) do update
                        set iban = excluded.iban, holder = excluded.holder, address = excluded.address,
                          given_by = excluded.given_by, given_at = excluded.given_at,
                          changed = payee.changed or (payee.iban, payee.address) <> (excluded.iban, excluded.address)""")
                .params(
                        claim,
                        payee.iban(),
                        payee.holder(),
                        payee.address(),
                        whom,
                        PhraseColumn.write(by),
                        Timestamp.from(at))
                .update();
    }

    /** Who outside the household is paid on a claim. */
    Optional<String> whom(UUID claim) {
        return database.sql("select whom from payment where claim_id = ? and whom <> '' limit 1")
                .param(claim)
                .query(String.class)
                .optional();
    }

    /** Decided claims, the longest first, whose time to object is over and on which nothing is open or came up. */
    List<UUID> done(Instant decidedBefore, int most) {
        return database.sql("""
                        select c.id from claim c where c.state = 'DECIDED' and c.decided_at < ? and c.stack is null
                          and not exists (select from payment p where p.claim_id = c.id and p.state in ('PLANNED', 'RETURNED', 'QUESTIONED'))
                          and not exists (select from follow_up f where f.claim_id = c.id and f.state in ('PLANNED', 'DUE'))
                          and not exists (select from handover h where h.claim_id = c.id and h.state in ('WAITING', 'RETURNED'))
                          and not exists (select from charge f where f.claim_id = c.id and f.state = 'OPEN')
                          and not exists (select from told_week w where w.claim_id = c.id and w.state in ('TO_COME', 'ASKED'))
                        order by c.decided_at limit ?""")
                .params(Timestamp.from(decidedBefore), most)
                .query(UUID.class)
                .list();
    }

    private static Payment read(ResultSet row, int number) throws SQLException {
        return new Payment(
                row.getObject("id", UUID.class),
                row.getObject("claim_id", UUID.class),
                PaidFor.parse(row.getString("paid_for")),
                row.getInt("part"),
                Money.ofCents(row.getLong("cents")),
                Money.ofCents(row.getLong("kept_cents")),
                Money.ofCents(row.getLong("left_cents")),
                row.getObject("due_on", LocalDate.class),
                Payment.State.valueOf(row.getString("state")),
                row.getInt("attempt"),
                row.getString("iban"),
                row.getString("whom"));
    }
}
