package org.civitane.exchange.verification;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.civitane.core.materiality.Materiality;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Outcome;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.exchange.binding.Input;
import org.civitane.exchange.binding.Json;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.exchange.policy.ShippedPolicy;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Whether an amount matters, asked of every example that states income and held against the simplest way to find out:
 * write each amount into the document and determine it.
 */
public class MaterialityTest {
    private static final PolicyBook BOOK = ShippedPolicy.book();
    private static final List<String> AMOUNTS = List.of("0.01", "412.00", "1650.00", "3900.00", "26000.00");

    @DataProvider
    Object[][] programmesWithIncome() throws IOException {
        List<Object[]> found = new ArrayList<>();
        for (var programme : Catalogue.programmes()) {
            List<JsonNode> examples = withIncome(programme.id());
            if (!examples.isEmpty()) {
                found.add(new Object[] {programme.id(), examples});
            }
        }
        return found.toArray(Object[][]::new);
    }

    @Test(dataProvider = "programmesWithIncome")
    public void isWhatWritingEachAmountIntoTheDocumentComesTo(String id, List<JsonNode> examples) {
        boolean anyMaterial = false;
        for (JsonNode example : examples) {
            String line = example.at("/incomes/0/id").asString();
            Materiality answer = Materialities.answer(Input.of(question(example, line)), BOOK);
            Set<List<Outcome>> outcomes = new HashSet<>();
            outcomes.add(outcomes(example));
            for (String amount : AMOUNTS) {
                JsonNode other = example.deepCopy();
                ((ObjectNode) other.at("/incomes/0")).put("amount", amount).put("frequency", "MONTHLY");
                outcomes.add(outcomes(other));
            }
            assertThat(answer.distinct()).as(id + " " + example).isEqualTo(outcomes.size());
            assertThat(answer.lines()).containsExactly(new Materiality.Line(line, outcomes.size() > 1));
            anyMaterial |= answer.isMaterial();
        }
        assertThat(anyMaterial).as("an amount matters in some example of " + id).isTrue();
    }

    private static byte[] question(JsonNode example, String line) {
        ObjectNode question = Json.mapper().createObjectNode();
        question.set("caseFile", example);
        ObjectNode candidate = question.putArray("candidates").addObject();
        candidate.put("line", line);
        ArrayNode values = candidate.putArray("values");
        AMOUNTS.forEach(amount -> values.addObject().put("amount", amount).put("frequency", "MONTHLY"));
        return bytes(question);
    }

    private static List<Outcome> outcomes(JsonNode file) {
        return CaseFiles.read(bytes(file)).determine(BOOK, Reasoning.silent()).outcomes();
    }

    private static byte[] bytes(JsonNode document) {
        return document.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static List<JsonNode> withIncome(String id) throws IOException {
        try (Stream<Path> files = Files.list(Path.of("src", "test", "resources", "examples", id))) {
            return files.filter(file -> !file.toString().endsWith(".expected.json"))
                    .sorted()
                    .map(MaterialityTest::read)
                    .filter(file -> !file.path("incomes").isEmpty())
                    .toList();
        }
    }

    private static JsonNode read(Path file) {
        try {
            return Json.mapper().readTree(Files.readAllBytes(file));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
