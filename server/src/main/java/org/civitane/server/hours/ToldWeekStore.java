package org.civitane.server.hours;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.programme.PaidFor;
import org.civitane.server.claims.BringsBack;
import org.civitane.server.claims.CameUp;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Told weeks as the database keeps them. */
@Component
class ToldWeekStore implements BringsBack {
    private static final String SELECT = "select w.*, w.beyond::text as beyond_json from told_week w where ";

    private static final String UNLOOKED = "beyond is not null and looked_by is null";

    private final JdbcClient database;

    ToldWeekStore(JdbcClient database) {
        this.database = database;
    }

    /** Adds those that are not there yet. */
    void plan(UUID claim, List<PaidFor.Week> weeks) {
        database.sql("""
                        insert into told_week (id, claim_id, monday, state)
                        select gen_random_uuid(), ?, monday::date, 'TO_COME' from unnest(?) as monday on conflict do nothing""")
                .params(claim, weeks.stream().map(PaidFor.Week::toString).toArray(String[]::new))
                .update();
    }

    /** Those of a claim, the first one first. */
    List<ToldWeek> of(UUID claim) {
        return database.sql(SELECT + "w.claim_id = ? order by w.monday")
                .param(claim)
                .query(ToldWeekStore::read)
                .list();
    }

    Optional<ToldWeek> find(UUID claim, LocalDate monday) {
        return database.sql(SELECT + "w.claim_id = ? and w.monday = ?")
                .params(claim, monday)
                .query(ToldWeekStore::read)
                .optional();
    }

    void asked(ToldWeek week) {
        database.sql("update told_week set state = 'ASKED' where id = ?")
                .param(week.id())
                .update();
    }

    void told(ToldWeek week, UUID run, Optional<ToldWeek.BeyondCertified> beyond, Instant at) {
        database.sql("""
                        update told_week set state = 'TOLD', run_id = ?, told_at = ?, beyond = ?::jsonb, looked_by = null
                        where id = ?""")
                .params(run, Timestamp.from(at), beyond.map(JsonColumn::write).orElse(null), week.id())
                .update();
    }

    /** The day for it passed. */
    void notTold(UUID id) {
        database.sql("update told_week set state = 'NOT_TOLD' where id = ? and state = 'ASKED'")
                .param(id)
                .update();
    }

    /** Weeks that begin after a day are not told. @return which they are, by what their asks are about */
    List<UUID> stopAfter(UUID claim, LocalDate day) {
        return database.sql("""
                        update told_week set state = 'STOPPED'
                        where claim_id = ? and monday > ? and state in ('TO_COME', 'ASKED') returning id""").params(claim, day).query(UUID.class).list();
    }

    void stop(UUID claim) {
        database.sql("update told_week set state = 'STOPPED' where claim_id = ? and state in ('TO_COME', 'ASKED')")
                .param(claim)
                .update();
    }

    /** A caseworker looked at hours that nobody certified. @return whether nobody had */
    boolean looked(ToldWeek week, String by) {
        return database.sql("update told_week set looked_by = ? where id = ? and " + UNLOOKED)
                        .params(by, week.id())
                        .update()
                == 1;
    }

    /** A week with hours that nobody certified, and whose it is. */
    record Unlooked(UUID claim, String number, String household, LocalDate monday, ToldWeek.BeyondCertified beyond) {}

    @Override
    public List<CameUp> cameUp(ClaimView claim) {
        return Claims.programmeOf(claim).isAboutDays()
                        && database.sql("select exists (select from told_week where claim_id = ? and " + UNLOOKED + ")")
                                .param(claim.id())
                                .query(Boolean.class)
                                .single()
                ? List.of(new CameUp(CameUp.Kind.HOURS, Phrase.of("next.hours-beyond")))
                : List.of();
    }

    /** Those at which nobody has looked, the oldest first. */
    List<Unlooked> beyond(int most) {
        return database.sql("""
                        select w.claim_id, c.number, c.household_name, w.monday, w.beyond::text as beyond_json
                        from told_week w join claim c on c.id = w.claim_id
                        where w.beyond is not null and w.looked_by is null order by w.told_at limit ?""")
                .param(most)
                .query((row, number) -> new Unlooked(
                        row.getObject("claim_id", UUID.class),
                        row.getString("number"),
                        row.getString("household_name"),
                        row.getObject("monday", LocalDate.class),
                        JsonColumn.read(row.getString("beyond_json"), ToldWeek.BeyondCertified.class)))
                .list();
    }

    private static ToldWeek read(ResultSet row, int number) throws SQLException {
        return new ToldWeek(
                row.getObject("id", UUID.class),
                row.getObject("claim_id", UUID.class),
                row.getObject("monday", LocalDate.class),
                ToldWeek.State.valueOf(row.getString("state")),
                Optional.ofNullable(row.getString("beyond_json"))
                        .map(json -> JsonColumn.read(json, ToldWeek.BeyondCertified.class)));
    }
}
