package org.civitane.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** The command line as a process: what it writes, and its exit status. */
public class MainTest {
    private static final String GOOD =
            "{\"programme\":\"school-meals\",\"receivedAt\":\"2026-09-14T10:32:00\",\"members\":[{\"id\":\"m1\",\"givenName\":\"Runa\",\"familyName\":\"Ostby\",\"dateOfBirth\":\"1988-03-02\",\"relationship\":\"SELF\"}]}";
    private Path file;

    @BeforeMethod
    void makeFile() throws IOException {
        file = Files.createTempFile("cases", ".jsonl");
    }

    @AfterMethod(alwaysRun = true)
    void removeFile() throws IOException {
        Files.deleteIfExists(file);
    }

    record Ran(int status, List<String> lines) {}

    @Test
    public void badLinesGiveErrorsInTheirPlaceAndTheRestStillRun() throws Exception {
        Files.writeString(file, GOOD + "\nnonsense\n" + GOOD.replace("SELF", "KING") + "\n" + GOOD + "\n");
        Ran ran = run("determine", "--no-reasons", file.toString());
        assertThat(ran.status()).isEqualTo(1);
        assertThat(ran.lines()).hasSize(4);
        assertThat(ran.lines().get(0))
                .startsWith("{\"programme\":\"school-meals\",\"receivedOn\":\"2026-09-14\"")
                .doesNotContain("reasons");
        assertThat(ran.lines().get(1)).startsWith("{\"error\":{\"line\":2,\"pointer\":\"\"");
        assertThat(ran.lines().get(2)).startsWith("{\"error\":{\"line\":3,\"pointer\":\"/members/0/relationship\"");
        assertThat(ran.lines().get(3)).isEqualTo(ran.lines().get(0));
    }

    @Test
    public void explainsInSentences() throws Exception {
        Files.writeString(file, GOOD);
        Ran ran = run("determine", "--explain", file.toString());
        assertThat(ran.status()).isZero();
        assertThat(ran.lines()).contains("  Still needed: a child who goes to school.  [school-meals Incomplete]");
    }

    @Test
    public void wrongUsageIsStatusTwo() throws Exception {
        assertThat(run("determine", "/there/is/no/such.json").status()).isEqualTo(2);
        assertThat(run("determine", "--nonsense").status()).isEqualTo(2);
    }

    private static Ran run(String... arguments) throws Exception {
        List<String> command = new java.util.ArrayList<>(List.of(
                ProcessHandle.current().info().command().orElseThrow(),
                "-cp",
                System.getProperty("java.class.path"),
                Main.class.getName()));
        command.addAll(List.of(arguments));
        Process process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        process.getOutputStream().close();
        String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        return new Ran(process.exitValue(), out.lines().toList());
    }
}
