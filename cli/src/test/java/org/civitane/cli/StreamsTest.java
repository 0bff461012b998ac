package org.civitane.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.binding.Input;
import org.civitane.exchange.binding.Json;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** In a stream of many documents each is answered as it is when it stands alone. */
public class StreamsTest {
    private static final Path EXAMPLES = Path.of("..", "exchange", "src", "test", "resources", "examples");
    private static final List<String> SERVICES = List.of("identity", "income-reconciliation", "materiality");
    private static final List<String> BAD = List.of(
            "nonsense",
            "{",
            "[]",
            "null",
            "{\"programme\":\"school-meals\"}",
            "{\"caseFile\":{}}",
            "\"Þórunn\"",
            "{} {}");
    private static final int LINES = 1200;

    @DataProvider
    Object[][] commands() throws IOException {
        List<String> chapters = chapters();
        List<Object[]> rows = new ArrayList<>();
        for (int cores : new int[] {1, 2}) {
            rows.add(new Object[] {new DetermineCommand(), chapters, cores});
            rows.add(new Object[] {new IdentifyCommand(), List.of("identity"), cores});
            rows.add(new Object[] {new ReconcileCommand(), List.of("income-reconciliation"), cores});
            rows.add(new Object[] {new MaterialityCommand(), List.of("materiality"), cores});
        }
        return rows.toArray(Object[][]::new);
    }

    @Test(dataProvider = "commands")
    public void everyLineIsAnsweredAsIfItStoodAlone(LineCommand command, List<String> chapters, int cores)
            throws IOException {
        List<String> documents = stream(chapters, new Random(11));
        Pipeline.Service service = command.service();
        List<String> alone = new ArrayList<>();
        for (int i = 0; i < documents.size(); i++) {
            alone.add(alone(service, i + 1, documents.get(i)));
        }
        assertThat(together(service, documents, cores)).isEqualTo(alone);
        assertThat(alone).anyMatch(line -> line.contains("\"error\"")).anyMatch(line -> !line.contains("\"error\""));
    }

    /** Documents of mixed chapters and lengths, with names beyond ASCII, and bad lines between good ones. */
    private static List<String> stream(List<String> chapters, Random random) throws IOException {
        List<ObjectNode> examples = new ArrayList<>();
        for (String chapter : chapters) {
            try (Stream<Path> files = Files.list(EXAMPLES.resolve(chapter))) {
                for (Path file : files.filter(each -> !each.toString().endsWith(".expected.json"))
                        .sorted()
                        .toList()) {
                    examples.add((ObjectNode) Json.mapper().readTree(Files.readAllBytes(file)));
                }
            }
        }
        List<String> documents = new ArrayList<>();
        for (int i = 0; i < LINES; i++) {
            documents.add(
                    random.nextInt(8) == 0
                            ? BAD.get(random.nextInt(BAD.size()))
                            : varied(examples.get(random.nextInt(examples.size())), random));
        }
        return documents;
    }

    /** Another name of another length; sometimes the programme last, sometimes laid out with blanks. */
    private static String varied(ObjectNode example, Random random) {
        ObjectNode document = example.deepCopy();
        ObjectNode file = document.get("caseFile") instanceof ObjectNode within ? within : document;
        if (file.path("members").path(0) instanceof ObjectNode member) {
            member.put("givenName", "Þórunn-Zoë 😀 ".repeat(1 + random.nextInt(20)));
        }
        if (file.has("programme") && random.nextInt(3) == 0) {
            file.set("programme", file.remove("programme"));
        }
        String text = document.toString();
        return random.nextBoolean() ? text : text.replace("\":", "\" : ");
    }

    private static String alone(Pipeline.Service service, long line, String document) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            service.answer(Input.of(document.getBytes(StandardCharsets.UTF_8)), out);
        } catch (BadInput e) {
            return ErrorLine.of(line, e);
        }
        return out.toString(StandardCharsets.UTF_8);
    }

    private static List<String> together(Pipeline.Service service, List<String> documents, int cores)
            throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] all = String.join("\n", documents).getBytes(StandardCharsets.UTF_8);
        try (Pipeline pipeline = new Pipeline(service, out, cores)) {
            pipeline.run(new ByteArrayInputStream(all));
            pipeline.finish();
        }
        return out.toString(StandardCharsets.UTF_8).lines().toList();
    }

    private static List<String> chapters() throws IOException {
        try (Stream<Path> folders = Files.list(EXAMPLES)) {
            return folders.map(Path::getFileName)
                    .map(Path::toString)
                    .filter(name -> !SERVICES.contains(name))
                    .sorted()
                    .toList();
        }
    }
}
