package org.civitane.server.identity;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.programme.Catalogue;
import org.civitane.server.access.SignedIn;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The line of answers about identities that wait to be looked at, over all programmes, the oldest first. */
@Component
class IdentityLine {
    private static final int MOST = 100;

    private final JdbcClient database;

    IdentityLine(JdbcClient database) {
        this.database = database;
    }

    /** Those that somebody else has are left to them. */
    @Transactional(readOnly = true)
    List<IdentityGrid.IdentityInLine> of(SignedIn who) {
        return database.sql("""
                        select l.claim_id, l.since, l.enough, c.number, c.programme, c.household_name, c.owner_id, a.display_name
                        from identity_line l join claim c on c.id = l.claim_id left join account a on a.id = c.owner_id
                        order by l.since, l.claim_id limit ?""")
                .param(MOST)
                .query((row, number) -> new IdentityGrid.IdentityInLine(
                        row.getObject("claim_id", UUID.class),
                        row.getString("number"),
                        Catalogue.named(row.getString("programme"))
                                .wording(Locale.ENGLISH)
                                .text("name"),
                        row.getString("household_name"),
                        row.getTimestamp("since").toInstant(),
                        row.getBoolean("enough"),
                        Optional.ofNullable(row.getString("display_name")).orElse(""),
                        who.account().equals(row.getObject("owner_id", UUID.class))))
                .list();
    }

    /** The next claim to look at that nobody else has; behind the last comes the first again. */
    Optional<UUID> nextAfter(UUID claim, SignedIn who) {
        return database.sql("""
                        select l.claim_id from identity_line l join claim c on c.id = l.claim_id
                        where l.claim_id <> ? and (c.owner_id is null or c.owner_id = ?)
                        order by (l.since, l.claim_id) < (select since, claim_id from identity_line where claim_id = ?),
                          l.since, l.claim_id limit 1""")
                .params(claim, who.account(), claim)
                .query(UUID.class)
                .optional();
    }

    /** Puts a claim into the line. @param enough whether its documents, as they were read, are enough by the check */
    void enter(UUID claim, Instant since, boolean enough) {
        database.sql("""
                        insert into identity_line (claim_id, since, enough) values (?, ?, ?)
                        on conflict (claim_id) do update set since = excluded.since, enough = excluded.enough""").params(claim, Timestamp.from(since), enough).update();
    }

    void leave(UUID claim) {
        database.sql("delete from identity_line where claim_id = ?")
                .param(claim)
                .update();
    }
}
