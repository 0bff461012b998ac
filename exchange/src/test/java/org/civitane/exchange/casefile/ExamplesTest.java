package org.civitane.exchange.casefile;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.Set;
import java.util.stream.Stream;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Value;
import org.civitane.exchange.binding.Input;
import org.civitane.exchange.binding.Json;
import org.civitane.exchange.binding.Values;
import org.civitane.exchange.policy.ShippedPolicy;
import org.civitane.exchange.verification.IdentityChecks;
import org.civitane.exchange.verification.Materialities;
import org.civitane.exchange.verification.Reconciliations;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every example agrees value for value, and field for field in its order. */
public class ExamplesTest {
    private static final Set<String> SERVICES = Set.of("identity", "income-reconciliation", "materiality");
    private final PolicyBook book = ShippedPolicy.book();

    @DataProvider
    Iterator<Object[]> examples() throws IOException, URISyntaxException {
        Path folder = Path.of(ExamplesTest.class.getResource("/examples").toURI());
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(file -> file.toString().endsWith(".json")
                            && !file.toString().endsWith(".expected.json"))
                    .sorted()
                    .map(file -> new Object[] {file.getParent().getFileName().toString(), file.getFileName(), file})
                    .toList()
                    .iterator();
        }
    }

    @Test(dataProvider = "examples")
    public void agrees(String chapter, Path name, Path example) throws IOException {
        Path expected = Path.of(example.toString().replace(".json", ".expected.json"));
        assertThat(answer(chapter, Input.of(Files.readAllBytes(example))))
                .isEqualTo(Json.mapper().readTree(Files.readAllBytes(expected)).toString());
    }

    @Test(dataProvider = "examples")
    public void givesTheSameBytesTwiceWithItsWorking(String chapter, Path name, Path example) throws IOException {
        if (SERVICES.contains(chapter)) {
            return;
        }
        byte[] file = Files.readAllBytes(example);
        String once = Determinations.toJson(CaseFiles.read(file).determine(book, Reasoning.recording()), true);
        String twice = Determinations.toJson(CaseFiles.read(file).determine(book, Reasoning.recording()), true);
        assertThat(once).isEqualTo(twice).contains("\"reasons\":[{\"code\":");
    }

    private String answer(String chapter, Input input) {
        return switch (chapter) {
            case "identity" ->
                written(IdentityChecks.toValue(IdentityChecks.read(input).outcome()));
            case "income-reconciliation" -> written(Reconciliations.toValue(Reconciliations.read(input)));
            case "materiality" -> written(Materialities.toValue(Materialities.answer(input, book)));
            default -> Determinations.toJson(CaseFiles.read(input).determine(book, Reasoning.silent()), false);
        };
    }

    private static String written(Value value) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Values.write(out, value);
        return out.toString(StandardCharsets.UTF_8);
    }
}
