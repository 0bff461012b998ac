package org.civitane.exchange.casefile;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Pattern;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Step;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.binding.Json;
import org.civitane.exchange.policy.ShippedPolicy;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.BooleanNode;
import tools.jackson.databind.node.IntNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * Case files near the examples, by the thousand: another day, amount, number or word here and there. Whatever they come
 * to, they come to it twice, with or without its working, in whatever order lines stand, and in whole sentences.
 */
public class NearbyCasesTest {
    private static final Pattern DAY = Pattern.compile("[0-9]{4}-[0-9]{2}-[0-9]{2}");
    private static final Pattern AMOUNT = Pattern.compile("[0-9]{1,9}\\.[0-9]{2}");
    private static final List<String> IN_ANY_ORDER =
            List.of("incomes", "noIncomeDeclared", "signatures", "resources", "expenses", "assets", "debts");
    private static final int CASES = 1_500;

    private final PolicyBook book = ShippedPolicy.book();

    @DataProvider
    Object[][] programmes() {
        return Examples.programmes();
    }

    @Test(dataProvider = "programmes")
    public void whateverTheyComeToTheyComeToItAlways(String id, Programme<?> programme) throws IOException {
        Random random = new Random(id.hashCode());
        List<JsonNode> examples =
                Examples.contents(id).stream().map(Json.mapper()::readTree).toList();
        Wording wording = programme.wording(Locale.ENGLISH);
        int determined = 0;
        for (int i = 0; i < CASES; i++) {
            JsonNode file = examples.get(random.nextInt(examples.size())).deepCopy();
            for (int j = random.nextInt(3); j >= 0; j--) {
                change(file, random);
            }
            Optional<Determination> recorded = determined(file, Reasoning.recording());
            if (recorded.isPresent()) {
                determined++;
                check(file, recorded.get(), wording, random);
            }
        }
        assertThat(determined).as("cases that are no bad input").isGreaterThan(CASES / 3);
    }

    private void check(JsonNode file, Determination recorded, Wording wording, Random random) {
        Determination silent = determined(file, Reasoning.silent()).orElseThrow();
        String answer = Determinations.toJson(silent, false).toString();
        assertThat(Determinations.toJson(recorded, false).toString())
                .as(file.toString())
                .isEqualTo(answer);
        assertThat(determined(file, Reasoning.recording())).contains(recorded);
        recorded.reasons().forEach(step -> checkSentence(step, wording));
        shuffle(file, random);
        Determination shuffled = determined(file, Reasoning.silent()).orElseThrow();
        assertThat(shuffled.outcomes()).as(file.toString()).isEqualTo(silent.outcomes());
        assertThat(shuffled.missing()).as(file.toString()).isEqualTo(silent.missing());
    }

    private static void checkSentence(Step step, Wording wording) {
        assertThat(wording.sentence(step)).isNotBlank().doesNotContain("{");
        step.steps().forEach(part -> checkSentence(part, wording));
    }

    private Optional<Determination> determined(JsonNode file, Reasoning why) {
        try {
            return Optional.of(CaseFiles.read(file.toString().getBytes(StandardCharsets.UTF_8))
                    .determine(book, why));
        } catch (BadInput e) {
            return Optional.empty();
        }
    }

    /** Lines whose order says nothing come in another; debts of a repayment plan are told in theirs. */
    private static void shuffle(JsonNode file, Random random) {
        boolean ordered = file.path("programme").asString().equals("repayment-plan");
        for (String name : IN_ANY_ORDER) {
            if (file.path(name) instanceof ArrayNode lines && !(ordered && name.equals("debts"))) {
                List<JsonNode> all = new ArrayList<>(lines.valueStream().toList());
                Collections.shuffle(all, random);
                lines.removeAll();
                all.forEach(lines::add);
            }
        }
    }

    /** Goes down a random way, and changes or drops what is there. */
    private static void change(JsonNode file, Random random) {
        JsonNode at = file;
        while (at.isContainer() && !at.isEmpty()) {
            List<String> names = new ArrayList<>(at.propertyNames());
            int chosen = random.nextInt(at.size());
            JsonNode next = at.isArray() ? at.get(chosen) : at.get(names.get(chosen));
            if (next.isContainer() && !next.isEmpty() && random.nextInt(8) > 0) {
                at = next;
                continue;
            }
            if (at instanceof ArrayNode list) {
                list.set(chosen, near(next, random));
            } else if (random.nextInt(5) == 0 && !names.get(chosen).equals("programme")) {
                ((ObjectNode) at).remove(names.get(chosen));
            } else {
                ((ObjectNode) at).set(names.get(chosen), near(next, random));
            }
            return;
        }
    }

    private static JsonNode near(JsonNode value, Random random) {
        if (value.isBoolean()) {
            return BooleanNode.valueOf(!value.asBoolean());
        }
        if (value.isInt()) {
            return IntNode.valueOf(Math.max(0, value.asInt() + random.nextInt(5) - 2));
        }
        if (value.isString() && DAY.matcher(value.asString()).matches()) {
            int days = random.nextInt(3) == 0 ? random.nextInt(4_000) - 2_000 : random.nextInt(61) - 30;
            return StringNode.valueOf(
                    LocalDate.parse(value.asString()).plusDays(days).toString());
        }
        if (value.isString() && AMOUNT.matcher(value.asString()).matches()) {
            BigDecimal cents = new BigDecimal(value.asString()).movePointRight(2);
            BigDecimal other =
                    cents.multiply(BigDecimal.valueOf(random.nextInt(40))).add(BigDecimal.valueOf(random.nextInt(100)));
            return StringNode.valueOf(other.movePointLeft(3)
                    .setScale(2, java.math.RoundingMode.DOWN)
                    .toPlainString());
        }
        return value;
    }
}
