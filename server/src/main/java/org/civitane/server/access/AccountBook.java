package org.civitane.server.access;

import java.sql.Timestamp;
import java.text.Collator;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.platform.AgencyClock;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Accounts of staff as they stand, what is wanted of them, and what was done to them by whom. */
@Component
class AccountBook {
    private final JdbcClient database;
    private final AgencyClock clock;

    AccountBook(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** What is done to an account. */
    enum Deed {
        MADE,
        ROLE,
        CLOSED,
        OPENED,
        STEP_REMOVED,
        ASKED,
        REFUSED,
        PAPER
    }

    /**
     * One account of staff.
     *
     * @param lastUsed empty when nobody has signed in with it
     * @param secondStep whether a second step is in force
     * @param change what a supervisor wants of it and another has not agreed to yet
     */
    record StaffAccount(
            UUID id,
            String name,
            String email,
            Role role,
            boolean closed,
            Optional<Instant> lastUsed,
            boolean secondStep,
            Optional<Change> change) {}

    /** @param role what it is to become; empty when it is to be closed */
    record Change(UUID id, Optional<Role> role, UUID askedBy, String askedByName) {}

    List<StaffAccount> staff() {
        return database
                .sql("""
                        select a.id, a.display_name, a.email, a.role, a.state = 'CLOSED' as closed,
                          (select max(s.at) from sign_in s where s.account_id = a.id) as last_used,
                          exists (select from second_factor f where f.account_id = a.id and f.confirmed_at is not null) as second_step,
                          c.id as change, c.role as new_role, c.asked_by, b.display_name as asked_by_name
                        from account a
                          left join account_change c on c.account_id = a.id and c.state = 'ASKED'
                          left join account b on b.id = c.asked_by
                        where a.role <> 'APPLICANT' order by a.id""")
                .query((row, number) -> new StaffAccount(
                        row.getObject("id", UUID.class),
                        row.getString("display_name"),
                        row.getString("email"),
                        Role.valueOf(row.getString("role")),
                        row.getBoolean("closed"),
                        Optional.ofNullable(row.getTimestamp("last_used")).map(Timestamp::toInstant),
                        row.getBoolean("second_step"),
                        change(row)))
                .list()
                .stream()
                .sorted(Comparator.comparing(StaffAccount::closed)
                        .thenComparing(StaffAccount::name, Collator.getInstance(Locale.ENGLISH)))
                .toList();
    }

    private static Optional<Change> change(java.sql.ResultSet row) throws java.sql.SQLException {
        UUID id = row.getObject("change", UUID.class);
        return id == null
                ? Optional.empty()
                : Optional.of(new Change(
                        id,
                        Optional.ofNullable(row.getString("new_role")).map(Role::valueOf),
                        row.getObject("asked_by", UUID.class),
                        row.getString("asked_by_name")));
    }

    void note(UUID account, SignedIn by, Deed what, String detail) {
        database.sql("insert into account_event (account_id, by_account, what, detail, at) values (?, ?, ?, ?, ?)")
                .params(account, by.account(), what.name(), detail, now())
                .update();
    }

    void become(UUID account, Role role) {
        database.sql("update account set role = ? where id = ?")
                .params(role.name(), account)
                .update();
    }

    void close(UUID account) {
        database.sql("update account set state = 'CLOSED' where id = ?")
                .param(account)
                .update();
    }

    /** @return whether nothing else was asked for it */
    boolean ask(UUID account, Optional<Role> role, SignedIn by) {
        return database.sql("""
                                insert into account_change (id, account_id, role, asked_by, asked_at) values (?, ?, ?, ?, ?)
                                on conflict do nothing""")
                        .params(UUID.randomUUID(), account, role.map(Role::name).orElse(null), by.account(), now())
                        .update()
                > 0;
    }

    /** @return whether it was still open */
    boolean settle(UUID change, String state, SignedIn by) {
        return database.sql(
                                "update account_change set state = ?, settled_by = ?, settled_at = ? where id = ? and state = 'ASKED'")
                        .params(state, by.account(), now(), change)
                        .update()
                > 0;
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }
}
