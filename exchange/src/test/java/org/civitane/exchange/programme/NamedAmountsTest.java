package org.civitane.exchange.programme;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.civitane.core.amount.Money;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.fact.Shape;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Step;
import org.civitane.core.reasoning.Value;
import org.civitane.exchange.binding.Json;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.exchange.casefile.Examples;
import org.civitane.exchange.policy.ShippedPolicy;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Whoever told an amount finds it in the working of what was granted, counted or not: none is left out unsaid. */
public class NamedAmountsTest {
    /** Without a form nobody tells them anything yet; a line that is no longer needed is a failure as well. */
    private static final Set<String> NOT_YET = Set.of(
            "valuation-review",
            "mortgage-arrears",
            "repayment-plan",
            "objection",
            "name-change",
            "legal-help",
            "housing-list",
            "estate-registration");

    @DataProvider
    Object[][] programmes() {
        return Examples.programmes();
    }

    @Test(dataProvider = "programmes")
    public void everyAmountThatWasToldIsNamedByAStep(String id, Programme<?> programme) throws Exception {
        Map<String, Set<String>> unsaid = new TreeMap<>();
        for (Path example : Examples.of(id)) {
            byte[] file = Files.readAllBytes(example);
            Determination determination = CaseFiles.read(file).determine(ShippedPolicy.book(), Reasoning.recording());
            boolean granted = determination.missing().isEmpty()
                    && determination.outcomes().stream()
                            .allMatch(outcome -> programme.findingOf(outcome) == Finding.GRANTED);
            if (granted) {
                Set<String> told = new TreeSet<>();
                amounts(programme.facts(), Json.mapper().readTree(file), told);
                told.removeAll(named(determination.reasons()));
                if (!told.isEmpty()) {
                    unsaid.put(example.getFileName().toString(), told);
                }
            }
        }
        assertThat(unsaid.isEmpty()).as(id + " " + unsaid).isNotEqualTo(NOT_YET.contains(id));
    }

    private static void amounts(List<FactSpec> facts, JsonNode file, Set<String> found) {
        facts.forEach(fact -> amounts(fact.shape(), file.path(fact.name()), found));
    }

    private static void amounts(Shape shape, JsonNode value, Set<String> found) {
        switch (shape) {
            case Shape.Group group -> amounts(group.parts(), value, found);
            case Shape.Several several -> value.forEach(each -> amounts(several.each(), each, found));
            case Shape.ByWeekday days -> value.forEach(each -> amounts(days.each(), each, found));
            case Shape.Amount ignored -> {
                if (value.isString() && !Money.parse(value.asString()).equals(Money.ZERO)) {
                    found.add(Money.parse(value.asString()).toString());
                }
            }
            default -> {}
        }
    }

    private static Set<String> named(List<Step> steps) {
        Set<String> named = new TreeSet<>();
        steps.forEach(step -> {
            step.inputs().forEach(input -> named(input.value(), named));
            named(step.result(), named);
            named.addAll(named(step.steps()));
        });
        return named;
    }

    private static void named(Value value, Set<String> named) {
        switch (value) {
            case Value.Amount amount -> named.add(amount.money().toString());
            case Value.Row row -> row.values().forEach(each -> named(each, named));
            case Value.Fields fields -> fields.values().values().forEach(each -> named(each, named));
            default -> {}
        }
    }
}
