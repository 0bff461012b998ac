package org.civitane.exchange.casefile;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.binding.Input;
import org.civitane.exchange.binding.Json;
import org.civitane.exchange.policy.ShippedPolicy;
import org.civitane.exchange.verification.IdentityChecks;
import org.civitane.exchange.verification.Materialities;
import org.civitane.exchange.verification.Reconciliations;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Spoilt input by the thousand: it is answered, or refused as bad input, and nothing else ever happens. */
public class FuzzTest {
    private static final Path EXAMPLES = Path.of("src", "test", "resources", "examples");
    private static final String[] ODD_VALUES = {
        "null",
        "true",
        "-1",
        "0",
        "1e400",
        "99999999999999999999",
        "1.5",
        "\"\"",
        "\" \"",
        "\"x\"",
        "\"-0.01\"",
        "\"999999999999.99\"",
        "\"1.005\"",
        "\"9999-12-31\"",
        "\"0000-01-01\"",
        "\"2026-02-30\"",
        "\"m1\"",
        "\"2026-09-14T24:00:00\"",
        "[]",
        "{}",
        "[null]",
        "[\"\"]",
        "[[]]",
        "{\"x\":1}",
        "\"\\u0000\\uD800\"",
        "\"P<<<\""
    };

    private final PolicyBook book = ShippedPolicy.book();

    @DataProvider
    Iterator<Object[]> chapters() throws IOException {
        try (Stream<Path> folders = Files.list(EXAMPLES)) {
            return folders.sorted()
                    .map(folder -> new Object[] {folder.getFileName().toString()})
                    .toList()
                    .iterator();
        }
    }

    @Test(dataProvider = "chapters")
    public void spoiltBytesAreRefused(String chapter) throws IOException {
        Random random = new Random(chapter.hashCode());
        List<byte[]> examples = Examples.contents(chapter);
        int refused = 0;
        for (int i = 0; i < 3_000; i++) {
            byte[] spoilt = examples.get(random.nextInt(examples.size())).clone();
            for (int j = random.nextInt(4); j >= 0; j--) {
                spoilt[random.nextInt(spoilt.length)] = (byte) random.nextInt(256);
            }
            refused += isRefused(chapter, spoilt) ? 1 : 0;
        }
        assertThat(refused).isGreaterThan(1_000);
    }

    @Test(dataProvider = "chapters")
    public void oddValuesAndMissingFieldsAreAnsweredOrRefusedWithTheirPlace(String chapter) throws IOException {
        Random random = new Random(chapter.hashCode() + 1L);
        List<byte[]> examples = Examples.contents(chapter);
        int refused = 0;
        for (int i = 0; i < 3_000; i++) {
            JsonNode file = Json.mapper().readTree(examples.get(random.nextInt(examples.size())));
            for (int j = random.nextInt(2); j >= 0; j--) {
                spoil(file, random);
            }
            refused += isRefused(chapter, file.toString().getBytes(StandardCharsets.UTF_8)) ? 1 : 0;
        }
        assertThat(refused).isBetween(500, 2_999);
    }

    private boolean isRefused(String chapter, byte[] json) {
        try {
            switch (chapter) {
                case "identity" ->
                    IdentityChecks.toValue(IdentityChecks.read(Input.of(json)).outcome());
                case "income-reconciliation" -> Reconciliations.toValue(Reconciliations.read(Input.of(json)));
                case "materiality" -> Materialities.answer(Input.of(json), book);
                default -> Determinations.toJson(CaseFiles.read(json).determine(book, Reasoning.recording()), true);
            }
            return false;
        } catch (BadInput e) {
            assertThat(e.getMessage()).isNotBlank();
            assertThat(e.pointer().isEmpty() || e.pointer().startsWith("/")).isTrue();
            return true;
        }
    }

    /** Goes down a random way and there drops a field or puts something odd in its place. */
    private static void spoil(JsonNode file, Random random) {
        JsonNode at = file;
        while (true) {
            List<String> names = new ArrayList<>(at.propertyNames());
            int size = at.isArray() ? at.size() : names.size();
            if (size == 0) {
                return;
            }
            int chosen = random.nextInt(size);
            JsonNode next = at.isArray() ? at.get(chosen) : at.get(names.get(chosen));
            if (next.isContainer() && !next.isEmpty() && random.nextInt(5) > 0) {
                at = next;
                continue;
            }
            JsonNode odd = Json.mapper().readTree(ODD_VALUES[random.nextInt(ODD_VALUES.length)]);
            if (at instanceof ArrayNode list) {
                list.set(chosen, odd);
            } else if (random.nextInt(3) == 0) {
                ((ObjectNode) at).remove(names.get(chosen));
            } else {
                ((ObjectNode) at).set(names.get(chosen), odd);
            }
            return;
        }
    }
}
