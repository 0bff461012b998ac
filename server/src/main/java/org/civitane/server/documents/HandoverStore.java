package org.civitane.server.documents;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.Consequence;
import org.civitane.server.claims.BringsBack;
import org.civitane.server.claims.CameUp;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.documents.Handover.State;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Handovers, as the database keeps them. */
@Component
class HandoverStore implements BringsBack {
    /** While a claim is held nothing of it is given away, nor destroyed since nobody came. */
    private static final String FREE = "not exists (select from claim c where c.id = handover.claim_id and c.held)";

    private final JdbcClient database;
    private final AgencyClock clock;

    HandoverStore(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** By which all of this is dated. */
    AgencyClock clock() {
        return clock;
    }

    @Override
    public List<CameUp> cameUp(ClaimView claim) {
        return database.sql("select exists (select from handover where claim_id = ? and state = 'RETURNED')")
                        .param(claim.id())
                        .query(Boolean.class)
                        .single()
                ? List.of(new CameUp(CameUp.Kind.POST, Phrase.of("next.post-returned")))
                : List.of();
    }

    void plan(Issued document, Consequence.HandOver how, PolicyVersion limits) {
        database.sql("""
                        insert into handover (document_id, claim_id, way, at_desk, to_proxy, state, due_on, remind_on, destroy_on,
                                              moved_on, moved_by, note, changed_at)
                        values (?, ?, ?, ?, ?, 'WAITING', ?, ?, ?, ?, '', '', ?)""")
                .params(
                        document.id(),
                        document.claim(),
                        how.way(),
                        how.atTheDesk(),
                        how.toAProxy(),
                        how.on(),
                        how.on().plusDays(limits.count("remindDays")),
                        how.on().plusDays(limits.count("destroyDays")),
                        document.issuedOn(),
                        now())
                .update();
    }

    Optional<Handover> of(UUID document) {
        return database.sql("select * from handover where document_id = ?")
                .param(document)
                .query(HandoverStore::read)
                .optional();
    }

    /** @return whether it was in the state it is to leave */
    boolean move(UUID document, State from, State to, String who, String note) {
        return database.sql("""
                                update handover set state = ?, moved_on = ?, moved_by = ?, note = ?, changed_at = ?
                                where document_id = ? and state = ?""")
                        .params(to.name(), clock.today(), who, note, now(), document, from.name())
                        .update()
                > 0;
    }

    /** It waits again, from a day on. @param atTheDesk whether it is fetched now */
    void waitAgain(UUID document, boolean atTheDesk, LocalDate on, PolicyVersion limits) {
        database.sql("""
                        update handover set state = 'WAITING', at_desk = ?, due_on = ?, remind_on = ?, destroy_on = ?,
                               reminded = false, moved_on = ?, moved_by = '', changed_at = ?
                        where document_id = ? and state = 'RETURNED'""")
                .params(
                        atTheDesk,
                        on,
                        on.plusDays(limits.count("remindDays")),
                        on.plusDays(limits.count("destroyDays")),
                        clock.today(),
                        now(),
                        document)
                .update();
    }

    /** What is to go by post on a day or should have before, the oldest first. */
    List<Handover> dueByPost(LocalDate day, int most) {
        return list(
                "state = 'WAITING' and not at_desk and due_on <= ? and " + FREE + " order by due_on, document_id",
                day,
                most);
    }

    /** What went by post on a day. */
    List<Handover> sentOn(LocalDate day, int most) {
        return list("state = 'SENT' and moved_on = ? order by changed_at, document_id", day, most);
    }

    /** What is kept at the desk beyond a day, that which was made ready first. */
    List<Handover> waiting(LocalDate day, int most) {
        return list("state = 'WAITING' and at_desk and destroy_on > ? order by due_on, document_id", day, most);
    }

    List<Handover> returned(LocalDate until, int most) {
        return list("state = 'RETURNED' and moved_on <= ? order by moved_on, document_id", until, most);
    }

    /** What waits at the desk and whose holder has not been reminded yet, though it is time. */
    List<Handover> toRemind(LocalDate today, int most) {
        return list("state = 'WAITING' and at_desk and not reminded and remind_on <= ? order by due_on", today, most);
    }

    void reminded(UUID document) {
        database.sql("update handover set reminded = true where document_id = ?")
                .param(document)
                .update();
    }

    /** What is here for too long. */
    List<Handover> toDestroy(LocalDate today, int most) {
        return list(
                "(state = 'WAITING' and at_desk or state = 'RETURNED') and destroy_on <= ? and " + FREE
                        + " order by destroy_on",
                today,
                most);
    }

    private List<Handover> list(String where, LocalDate day, int most) {
        return database.sql("select * from handover where " + where + " limit " + most)
                .param(day)
                .query(HandoverStore::read)
                .list();
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }

    private static Handover read(ResultSet row, int number) throws SQLException {
        return new Handover(
                row.getObject("document_id", UUID.class),
                row.getObject("claim_id", UUID.class),
                row.getString("way"),
                row.getBoolean("at_desk"),
                row.getBoolean("to_proxy"),
                State.valueOf(row.getString("state")),
                row.getObject("due_on", LocalDate.class),
                row.getObject("destroy_on", LocalDate.class),
                row.getObject("moved_on", LocalDate.class),
                row.getString("moved_by"));
    }
}
