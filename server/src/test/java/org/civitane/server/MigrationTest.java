package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.PhraseColumn;
import org.flywaydb.core.Flyway;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** A running installation is brought to the newest tables, and nothing that it holds is lost. */
public class MigrationTest {
    private static final String SCHEMA = "installed_before";
    private static final UUID APPLICANT = UUID.randomUUID();
    private static final UUID CLAIM = UUID.randomUUID();

    private final DriverManagerDataSource owner = new DriverManagerDataSource(
            System.getenv("CIVITANE_TEST_DATABASE_URL") + "?currentSchema=" + SCHEMA + ",public",
            "civitane",
            System.getenv("CIVITANE_TEST_DATABASE_PASSWORD"));
    private final JdbcClient database = JdbcClient.create(owner);

    @BeforeClass
    void install() {
        flyway("8").migrate();
    }

    @AfterClass(alwaysRun = true)
    void remove() {
        database.sql("drop schema if exists " + SCHEMA + " cascade").update();
    }

    @Test
    public void nothingIsLost() {
        saidInWords();
        owed();

        flyway("latest").migrate();

        assertThat(phrase("select next_step::text from claim"))
                .isEqualTo(Phrase.text("waits for \"the lease\" until Thu"));
        assertThat(phrase("select wait_for::text from claim")).isEqualTo(Phrase.text("one point of the fix list"));
        assertThat(phrase("select actor::text from claim_event")).isEqualTo(Phrase.text("Runa \"Ósk\""));
        assertThat(phrase("select (details->'sentence')::text from claim_event"))
                .isEqualTo(Phrase.text("handed in FA-26-00001"));
        assertThat(rows("select kind || ' ' || by_register || ' ' || reason from evidence_waiver order by kind"))
                .containsExactly("IDENTITY true ", "INCOME false Seen at the counter.");

        assertThat(
                        rows(
                                "select kind || ' ' || state || ' ' || first_due_on || ' ' || due_on || ' ' || then_what from ask order by kind"))
                .containsExactly(
                        "DOUBT OPEN 2026-12-10 2026-12-20 DECIDE", "FIX_LIST PARTLY 2026-12-03 2026-12-14 CLOSE");
        assertThat(phrase("select what::text from ask where kind = 'FIX_LIST'"))
                .isEqualTo(Phrase.of("wait.fix-list", 1));
        assertThat(
                        rows(
                                "select a.kind || ' ' || m.state || ' ' || m.days || ' ' || m.why from more_time m join ask a on a.id = m.ask_id order by 1"))
                .containsExactly("DOUBT GRANTED 10 My passport.", "FIX_LIST GRANTED 11 Ill.");
        assertThat(rows("select task_name from scheduled_tasks order by 1")).containsExactly("lapse-ask", "lapse-ask");
        assertThat(rows("""
                        select kind from ask where exists (select from scheduled_tasks where task_instance = ask.id || '@' || due_on)
                        order by 1""")).containsExactly("DOUBT", "FIX_LIST");
    }

    /** What versions before kept in English. */
    private void saidInWords() {
        database.sql("""
                        insert into account (id, email, display_name, role, password_hash, created_at)
                        values (?, 'runa@post.example', 'Runa "Ósk"', 'APPLICANT', '-', now())""").param(APPLICANT).update();
        database.sql("""
                        insert into claim (id, number, programme, applicant_id, household_name, search_text, state, received_at,
                          received_on, due_by, decide_by, next_step, next_action, wait_on, wait_for, wait_until, wait_then, edition, version)
                        values (?, 'FA-26-00001', 'food-assistance', ?, 'Ósk', 'runa osk', 'WAITING', now(), current_date, current_date,
                          current_date, 'waits for "the lease" until Thu', 'NONE', 'APPLICANT', 'one point of the fix list', current_date,
                          'After that it is decided on what is there.', 1, 0)""").params(CLAIM, APPLICANT).update();
        database.sql("""
                        insert into claim_event (claim_id, at, actor, kind, details)
                        values (?, now(), 'Runa "Ósk"', 'received', '{"sentence":"handed in FA-26-00001"}')""").param(CLAIM).update();
        database.sql("""
                        insert into evidence_waiver (claim_id, kind, subject, reason, waived_by, waived_at) values
                          (?, 'IDENTITY', 'm1', 'The civil register has shown it.', 'The civil register has shown it.', now()),
                          (?, 'INCOME', 'm1', 'Seen at the counter.', 'Ása Mikkel', now())""").params(CLAIM, CLAIM).update();
    }

    /** A fix list that was answered in part and given more time, and a doubt that was. */
    private void owed() {
        UUID list = UUID.randomUUID();
        database.sql("""
                        insert into fix_list (id, claim_id, round, state, first_due_on, due_on, then_what, points, sent_at, version)
                        values (?, ?, 1, 'SENT', '2026-12-03', '2026-12-14', 'CLOSE',
                          '[{"path":"a","answeredAt":null},{"path":"b","answeredAt":"2026-12-01T10:00:00Z"}]', now(), 0)""").params(list, CLAIM).update();
        database.sql("""
                        insert into extension (id, fix_list_id, asked_by, why, days, asked_at, state)
                        values (?, ?, 'Runa', 'Ill.', 11, now(), 'GRANTED')""").params(UUID.randomUUID(), list).update();
        database.sql("""
                        insert into doubt (claim_id, state, first_due_on, due_on, asked_by, why, more_time_why, asked_at)
                        values (?, 'ASKED', '2026-12-10', '2026-12-20', 'Ása', 'The name.', 'My passport.', now())""").param(CLAIM).update();
        for (String task : List.of("lapse-fix-list", "lapse-doubt")) {
            database.sql("""
                            insert into scheduled_tasks (task_name, task_instance, execution_time, picked, version)
                            values (?, 'before', now(), false, 1)""").param(task).update();
        }
    }

    private List<String> rows(String sql) {
        return database.sql(sql).query(String.class).list();
    }

    private Phrase phrase(String sql) {
        return PhraseColumn.read(database.sql(sql).query(String.class).single());
    }

    /** Without the rights of the application, which name the tables there are now. */
    private Flyway flyway(String target) {
        return Flyway.configure()
                .repeatableSqlMigrationPrefix("none")
                .dataSource(owner)
                .schemas(SCHEMA)
                .target(target)
                .load();
    }
}
