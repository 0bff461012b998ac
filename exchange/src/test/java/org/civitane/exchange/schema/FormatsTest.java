package org.civitane.exchange.schema;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Stream;
import org.civitane.core.materiality.Candidate;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Value;
import org.civitane.exchange.binding.Input;
import org.civitane.exchange.binding.Json;
import org.civitane.exchange.binding.Values;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.exchange.casefile.Determinations;
import org.civitane.exchange.policy.ShippedPolicy;
import org.civitane.exchange.verification.IdentityChecks;
import org.civitane.exchange.verification.IdentityInput;
import org.civitane.exchange.verification.Materialities;
import org.civitane.exchange.verification.ReconciliationInput;
import org.civitane.exchange.verification.Reconciliations;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The schemas in {@code docs/formats} say what is read and written: those of inputs are made from the records, and all
 * examples and the answers to them are valid. With {@code -Dcivitane.write=true} the inputs' schemas are written anew.
 */
public class FormatsTest {
    private static final Path DOCS = Path.of("..", "docs", "formats");
    private static final Path EXAMPLES = Path.of("src", "test", "resources", "examples");

    private final PolicyBook book = ShippedPolicy.book();

    @BeforeClass
    void writeIfAsked() throws IOException {
        if (Boolean.getBoolean("civitane.write")) {
            for (Map.Entry<String, ObjectNode> schema : inputSchemas().entrySet()) {
                Files.writeString(file(schema.getKey()), pretty(schema.getValue()));
            }
        }
    }

    @Test
    public void theSchemasOfInputsAreThoseOfTheRecords() throws IOException {
        for (Map.Entry<String, ObjectNode> schema : inputSchemas().entrySet()) {
            assertThat(Files.readString(file(schema.getKey())))
                    .as("%s is out of date; run the tests of exchange with -Dcivitane.write=true", schema.getKey())
                    .isEqualTo(pretty(schema.getValue()));
        }
    }

    @DataProvider
    Iterator<Object[]> examples() throws IOException {
        try (Stream<Path> files = Files.walk(EXAMPLES)) {
            return files.filter(file -> file.toString().endsWith(".json")
                            && !file.toString().endsWith(".expected.json"))
                    .sorted()
                    .map(file -> new Object[] {file.getParent().getFileName().toString(), file})
                    .toList()
                    .iterator();
        }
    }

    @Test(dataProvider = "examples")
    public void examplesAndTheirAnswersAreValid(String chapter, Path example) throws IOException {
        byte[] json = Files.readAllBytes(example);
        Input input = Input.of(json);
        switch (chapter) {
            case "identity" -> {
                assertValid("identify", new String(json, StandardCharsets.UTF_8));
                assertValid(
                        "identify-result",
                        written(IdentityChecks.toValue(
                                IdentityChecks.read(input).outcome())));
            }
            case "income-reconciliation" -> {
                assertValid("reconcile", new String(json, StandardCharsets.UTF_8));
                assertValid("reconcile-result", written(Reconciliations.toValue(Reconciliations.read(input))));
            }
            case "materiality" -> {
                assertValid("materiality", new String(json, StandardCharsets.UTF_8));
                assertValid("materiality-result", written(Materialities.toValue(Materialities.answer(input, book))));
            }
            default -> {
                assertValid(chapter, new String(json, StandardCharsets.UTF_8));
                assertValid(
                        "determination",
                        Determinations.toJson(CaseFiles.read(json).determine(book, Reasoning.recording()), true));
            }
        }
    }

    @Test
    public void aFileWithAnUnknownFieldIsNotValid() throws IOException {
        assertThat(schema("school-meals").validate("{\"programme\":\"school-meals\",\"shoe\":1}", InputFormat.JSON))
                .isNotEmpty();
    }

    private static Map<String, ObjectNode> inputSchemas() {
        Map<String, ObjectNode> schemas = new LinkedHashMap<>();
        ObjectNode any = Json.mapper().createObjectNode();
        ArrayNode choices = any.putArray("anyOf");
        for (Programme<?> programme : Catalogue.programmes()) {
            ObjectNode caseFile = RecordSchema.of(programme.caseType());
            ((ObjectNode) caseFile.get("properties")).putObject("programme").put("const", programme.id());
            ((ArrayNode) caseFile.get("required")).add("programme");
            choices.add(caseFile.deepCopy());
            schemas.put(programme.id(), titled("A case file of " + programme.id(), caseFile));
        }
        schemas.put("identify", titled("What an identity check is given", RecordSchema.of(IdentityInput.class)));
        schemas.put(
                "reconcile",
                titled("What an income reconciliation is given", RecordSchema.of(ReconciliationInput.class)));
        schemas.put("materiality", titled("What \"does it matter?\" is given", materiality(any)));
        return schemas;
    }

    private static ObjectNode materiality(ObjectNode anyCaseFile) {
        ObjectNode schema = Json.mapper().createObjectNode().put("type", "object");
        ObjectNode properties = schema.putObject("properties");
        properties.set("caseFile", anyCaseFile);
        properties.putObject("candidates").put("type", "array").set("items", RecordSchema.of(Candidate.class));
        schema.putArray("required").add("caseFile");
        return schema.put("additionalProperties", false);
    }

    private static ObjectNode titled(String title, ObjectNode schema) {
        ObjectNode titled = Json.mapper().createObjectNode();
        titled.put("$schema", "https://json-schema.org/draft/2020-12/schema").put("title", title);
        return titled.setAll(schema);
    }

    private static void assertValid(String name, String json) throws IOException {
        assertThat(schema(name).validate(json, InputFormat.JSON)).isEmpty();
    }

    private static Schema schema(String name) throws IOException {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(file(name)), InputFormat.JSON);
    }

    private static Path file(String name) {
        return DOCS.resolve(name + ".schema.json");
    }

    private static String pretty(ObjectNode schema) {
        return Json.mapper().writerWithDefaultPrettyPrinter().writeValueAsString(schema) + "\n";
    }

    private static String written(Value value) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Values.write(out, value);
        return out.toString(StandardCharsets.UTF_8);
    }
}
