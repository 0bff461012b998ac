package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.testng.annotations.AfterSuite;
import org.testng.annotations.Test;

/**
 * Nothing about a person reaches a log, whatever fails: the logs of the whole run are searched for what was planted, after
 * all else has run.
 */
@Test(groups = "alone")
public class LogTest extends ServerTest {
    /** What the tests give the server about people, all through the run. */
    private static final List<String> PLANTED = List.of(
            "@post.example",
            "{bcrypt}",
            "a password for tests",
            "Skerry Lane",
            "1988-03-02",
            "+999 1234",
            "planted in",
            // the queue's own words for a job that failed, which end in what the failure said
            "during execution of task");

    private static final Path LOGS = Path.of("target");

    @Autowired
    private JdbcTemplate database;

    @Autowired
    private MockMvc http;

    @Test
    public void aStatementThatFailsTellsNoValues() {
        SignedIn who = person(Role.APPLICANT);
        List<Object[]> twice = List.of(row(who.email()), row("another." + who.email()));
        assertThatThrownBy(() -> database.batchUpdate(
                        "insert into account (id, email, display_name, password_hash, role, created_at) values (?, ?, ?, ?, 'APPLICANT', now())",
                        twice))
                .isInstanceOf(DuplicateKeyException.class)
                .satisfies(failure -> assertThat(allMessages(failure)).doesNotContain(who.email()));
    }

    @Test
    public void aProblemNamesTheRequestThatTheLogNames() throws Exception {
        String body = http.perform(
                        get("/api/claims/" + UUID.randomUUID() + "/desk").with(as(person(Role.CASEWORKER))))
                .andExpect(status().isNotFound())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        assertThat(JsonColumn.read(body).path("instance").asString()).matches("urn:uuid:[0-9a-f-]{36}");
    }

    @AfterSuite(alwaysRun = true)
    static void nothingPlantedIsInALog() throws IOException {
        List<Path> logs = new ArrayList<>();
        try (Stream<Path> files =
                Files.find(LOGS, 1, (file, about) -> file.toString().contains("-tests.log"))) {
            files.filter(file -> !file.toString().endsWith(".gz")).forEach(logs::add);
        }
        assertThat(logs).as("logs of this run").isNotEmpty();
        Optional.ofNullable(System.getenv("CIVITANE_TEST_DATABASE_LOGS")).stream()
                .flatMap(paths -> Stream.of(paths.split(":")))
                .map(Path::of)
                .forEach(logs::add);
        for (Path log : logs) {
            try (Stream<String> lines = Files.lines(log, StandardCharsets.ISO_8859_1)) {
                assertThat(lines.filter(line -> PLANTED.stream().anyMatch(line::contains)))
                        .as(log.toString())
                        .isEmpty();
            }
        }
    }

    private static Object[] row(String email) {
        return new Object[] {UUID.randomUUID(), email, "planted in a row", "{bcrypt}planted in a hash"};
    }

    private static String allMessages(Throwable failure) {
        StringBuilder all = new StringBuilder();
        for (Throwable at = failure; at != null; at = at.getCause()) {
            all.append(at.getMessage()).append('\n');
        }
        return all.toString();
    }
}
