package org.civitane.server.evidence;

import java.sql.Timestamp;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.civitane.server.evidence.EvidenceItem.State;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.PhraseColumn;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** What was asked for and what is done without, as the database keeps it. */
@Component
class EvidenceStore {
    private final JdbcClient database;
    private final AgencyClock clock;

    EvidenceStore(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Keeps that a caseworker does without something. */
    void waive(UUID claim, String kind, String subject, String reason, String who) {
        database.sql("""
                        insert into evidence_waiver (claim_id, kind, subject, reason, waived_by, waived_at)
                        values (?, ?, ?, ?, ?, ?) on conflict (claim_id, kind, subject) do update
                          set reason = excluded.reason, waived_by = excluded.waived_by, waived_at = excluded.waived_at""")
                .params(claim, kind, subject, reason, who, Timestamp.from(clock.instant()))
                .update();
    }

    /** Keeps whether a register shows it; what a caseworker said before stands. */
    void shownByRegister(UUID claim, String kind, String subject, boolean shown) {
        if (shown) {
            database.sql("""
                            insert into evidence_waiver (claim_id, kind, subject, by_register, reason, waived_by, waived_at)
                            values (?, ?, ?, true, '', '', ?) on conflict (claim_id, kind, subject) do nothing""")
                    .params(claim, kind, subject, Timestamp.from(clock.instant()))
                    .update();
        } else {
            database.sql("delete from evidence_waiver where claim_id = ? and kind = ? and subject = ? and by_register")
                    .params(claim, kind, subject)
                    .update();
        }
    }

    /** Keeps what is asked for. */
    void takeDown(UUID claim, List<EvidenceItem> needs) {
        database.sql("""
                        insert into evidence_asked (claim_id, kind, subject, title, asked_on)
                        select ?, need.kind, need.subject, need.title::jsonb, ? from unnest(?, ?, ?) as need (kind, subject, title)
                        on conflict (claim_id, kind, subject) do update set title = excluded.title
                          where evidence_asked.title <> excluded.title""")
                .params(
                        claim,
                        clock.today(),
                        texts(needs, EvidenceItem::kind),
                        texts(needs, EvidenceItem::subject),
                        texts(needs, item -> PhraseColumn.write(item.title())))
                .update();
    }

    private static String[] texts(List<EvidenceItem> items, Function<EvidenceItem, String> of) {
        return items.stream().map(of).toArray(String[]::new);
    }

    /** Everything that was ever asked for, as if it were needed no longer. */
    List<EvidenceItem> asked(UUID claim) {
        return database.sql(
                        "select kind, subject, title::text from evidence_asked where claim_id = ? order by kind, subject")
                .param(claim)
                .query((row, number) -> new EvidenceItem(
                        row.getString("kind"),
                        row.getString("subject"),
                        PhraseColumn.read(row.getString("title")),
                        "",
                        Optional.empty(),
                        State.NO_LONGER_NEEDED,
                        Phrase.NOTHING,
                        Optional.empty(),
                        List.of()))
                .list();
    }

    /** Why each is done without, by kind and whom it is about. */
    Map<String, Phrase> waivers(UUID claim) {
        return database
                .sql(
                        "select kind || '/' || subject as need, by_register, reason from evidence_waiver where claim_id = ?")
                .param(claim)
                .query((row, number) -> Map.entry(
                        row.getString("need"),
                        row.getBoolean("by_register")
                                ? EvidenceList.BY_REGISTER
                                : Phrase.text(row.getString("reason"))))
                .list()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }
}
