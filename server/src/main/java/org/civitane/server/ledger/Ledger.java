package org.civitane.server.ledger;

import java.sql.Timestamp;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.civitane.core.amount.Money;
import org.civitane.server.platform.AgencyClock;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Money in and money out, in double entry: each booking says where an amount went and where it came from, so that all
 * accounts together always come to nothing. A booking is made once under its name, and is never changed.
 */
@Service
public class Ledger {
    /** What money is called here. */
    public enum Account {
        /** What is in the bank. */
        BANK,
        /** Fees that were asked for and are not paid. */
        FEES_OWED,
        /** Fees, as what this office earns. */
        FEES,
        /** What came and is not owed; it goes back. */
        UNMATCHED,
        /** What is paid to households and to others for them. */
        BENEFITS,
        /** What was paid too much and is claimed back. */
        OVERPAYMENT
    }

    private final JdbcClient database;
    private final AgencyClock clock;

    Ledger(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * Books an amount from one account to another, in the transaction of what it is about.
     *
     * @param name says what is booked, such as {@code fee/CC-26-00001}; booked again under the same name, nothing happens
     * @return whether it was booked now
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public boolean book(String name, UUID claim, Account to, Account from, Money amount) {
        return book(name, new Place(to, claim), new Place(from, claim), amount);
    }

    /** An account of a claim. */
    public record Place(Account account, UUID claim) {}

    /** As {@link #book(String, UUID, Account, Account, Money)}, between two claims. */
    @Transactional(propagation = Propagation.MANDATORY)
    public boolean book(String name, Place to, Place from, Money amount) {
        return line(name, 1, to, amount.cents()) && line(name, 2, from, -amount.cents());
    }

    private boolean line(String name, int line, Place place, long cents) {
        return database.sql("""
                                insert into ledger_line (booking, line, account, cents, claim_id, day, at)
                                values (?, ?, ?, ?, ?, ?, ?) on conflict do nothing""")
                        .params(
                                name,
                                line,
                                place.account().name(),
                                cents,
                                place.claim(),
                                clock.today(),
                                Timestamp.from(clock.instant()))
                        .update()
                > 0;
    }

    /** What stands in each account of a claim. */
    @Transactional(readOnly = true)
    public Map<Account, Money> of(UUID claim) {
        Map<Account, Money> balances = new TreeMap<>();
        database.sql("select account, sum(cents) from ledger_line where claim_id = ? group by account")
                .param(claim)
                .query((row, number) -> balances.put(Account.valueOf(row.getString(1)), Money.ofCents(row.getLong(2))))
                .list();
        return balances;
    }
}
