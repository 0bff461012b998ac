package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.civitane.core.policy.PolicyBook;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.policies.PolicyStore;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Several servers on one database, one that loses it, and what the role they run as may do there. */
public class ServersTest extends ServerTest {
    private static final Duration FOR_A_DEMO = Duration.ofMinutes(6);
    private static final String URL = System.getenv("CIVITANE_TEST_DATABASE_URL");

    @Autowired
    private PolicyStore policies;

    @Autowired
    private JdbcClient database;

    @Test
    public void twoServersStartedTogetherOnAnEmptyDatabaseBothComeUpWithOneDemo() throws Exception {
        String url = freshDatabase();
        String store = Files.createTempDirectory("civitane-two").toString();
        List<String> some = List.of("--civitane.demo-every=9");
        try (OtherServer one = OtherServer.start(url, Ports.free(), store, "demo", some);
                OtherServer two = OtherServer.start(url, Ports.free(), store, "demo", some)) {
            await("the first answers", FOR_A_DEMO, one::answers);
            await("the second answers", FOR_A_DEMO, two::answers);
            String caseworker = "asa.mikkel@halvern.example";
            Visitor here = new Visitor(one.port(), caseworker, "halvern-demo-2026");
            Visitor there = new Visitor(two.port(), caseworker, "halvern-demo-2026");
            await(
                    "both show the same, once what follows by itself has followed",
                    () -> here.get("/api/day-sheet")
                            .body()
                            .equals(there.get("/api/day-sheet").body()));
            assertThat(here.get("/api/day-sheet").body())
                    .contains("SM-26-00004")
                    .doesNotContain("SM-26-00100");
        }
    }

    @Test
    public void aServerWithAnotherStoreThanTheDatabasesDoesNotStartAndSaysWhy() throws Exception {
        String other = Files.createTempDirectory("civitane-elsewhere").toString();
        try (OtherServer server = OtherServer.start(Ports.free(), other)) {
            await("it ended", () -> !server.isRunning());
            assertThat(server.said()).contains("is not the one that belongs to this database");
        }
        try (var left = Files.list(Path.of(other))) {
            assertThat(left).isEmpty();
        }
    }

    @Test
    public void whileTheDatabaseIsAwayEveryAnswerSaysSoAndWhenToAskAgain() throws Exception {
        SignedIn who = person(Role.APPLICANT);
        try (Wire wire = new Wire(port(URL))) {
            String url = URL.replaceFirst(":\\d+/", ":" + wire.port() + "/");
            try (OtherServer server = OtherServer.start(url, Ports.free(), STORE, "standins")) {
                await("it answers", server::answers);
                Visitor visitor = new Visitor(server.port(), who.email());
                wire.cut();
                for (String path : new String[] {"/api/my/claims", "/api/session", "/api/policy", "/api/drafts"}) {
                    Visitor.Answer answer = visitor.get(path);
                    assertThat(answer.status()).as(path + " " + answer.body()).isEqualTo(503);
                    assertThat(answer.response().headers().firstValue("Retry-After"))
                            .as(path)
                            .isPresent();
                    assertThat(answer.body()).as(path).contains("\"code\":\"out-of-reach\"");
                }
                wire.mend();
                await("it answers again", () -> visitor.get("/api/my/claims").status() == 200);
            }
        }
    }

    @Test
    public void aTableThatAnotherServerAddsCountsAtOnce() throws Exception {
        LocalDate effective = LocalDate.of(2040, 1, 1);
        int before = policies.book().versions().size();
        try (Connection owner = owner(URL);
                Statement statement = owner.createStatement()) {
            statement.executeUpdate(
                    "insert into policy_version (policy_table, effective, figures) select policy_table, date '"
                            + effective + "', figures from policy_version limit 1");
            PolicyBook now = policies.book();
            statement.executeUpdate("delete from policy_version where effective = date '" + effective + "'");
            assertThat(now.versions()).hasSize(before + 1);
        }
        assertThat(policies.book().versions()).hasSize(before);
    }

    @DataProvider
    Object[][] forbidden() {
        return new Object[][] {
            {"update claim_event set actor = '\"someone else\"'"},
            {"delete from claim_event"},
            {"update edition set number = 1"},
            {"update decision set reason = '\"\"'"},
            {"delete from determination_run"},
            {"update policy_version set figures = '{}'"},
            {"delete from paper"},
            {"delete from account"},
            {"truncate claim_event"},
            {"alter table claim_event add column x int"},
            {"drop table paper"},
            {"create table public.mine (x int)"},
            {"select * from flyway_schema_history"},
        };
    }

    @Test(dataProvider = "forbidden")
    public void theRoleOfTheApplicationOwnsNothingAndRewritesNoHistory(String statement) {
        assertThat(database.sql("select count(*) from pg_class where relowner = current_user::regrole")
                        .query(Integer.class)
                        .single())
                .isZero();
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> {
                    if (statement.startsWith("select")) {
                        database.sql(statement).query().listOfRows();
                    } else {
                        database.sql(statement).update();
                    }
                })
                .isInstanceOf(DataAccessException.class)
                .rootCause()
                .hasMessageFindingMatch("permission denied|must be owner");
    }

    private static String freshDatabase() throws SQLException {
        String name = "civitane_" + UUID.randomUUID().toString().replace("-", "");
        try (Connection owner = owner(URL);
                Statement statement = owner.createStatement()) {
            statement.executeUpdate("create database " + name);
        }
        return URL.replaceFirst("/[^/]*$", "/" + name);
    }

    private static Connection owner(String url) throws SQLException {
        return DriverManager.getConnection(url, "civitane", System.getenv("CIVITANE_TEST_DATABASE_PASSWORD"));
    }

    private static int port(String url) throws IOException {
        return java.net.URI.create(url.substring("jdbc:".length())).getPort();
    }
}
