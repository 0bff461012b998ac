package org.civitane.exchange.casefile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.civitane.core.reasoning.FactPath;
import org.civitane.exchange.binding.Json;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

public class CasePathsTest {
    private final ObjectNode file = (ObjectNode) Json.mapper().readTree("""
            {"members":[{"id":"m1"},{"id":"m2","pupil":{"year":4}}],
             "incomes":[{"id":"i1","member":"m1","amount":"1.00"},{"id":"i2","member":"m2","amount":"2.00"}],
             "noIncomeDeclared":["m3"]}""");

    @Test
    public void leadsToAFactById() {
        assertThat(CasePaths.get(file, FactPath.of("incomes", "i2", "amount")))
                .hasValueSatisfying(value -> assertThat(value.asString()).isEqualTo("2.00"));
        assertThat(CasePaths.get(file, FactPath.of("members", "m2", "pupil", "year")))
                .isPresent();
        assertThat(CasePaths.get(file, FactPath.of("linkedBenefit", "kind"))).isEmpty();
    }

    @Test
    public void changesOneFactAndNothingElse() {
        ObjectNode copy = file.deepCopy();
        CasePaths.set(
                copy, FactPath.of("incomes", "i2", "amount"), Json.mapper().readTree("\"9.00\""));
        assertThat(copy.toString()).isEqualTo(file.toString().replace("2.00", "9.00"));
    }

    @Test
    public void replacesAllIncomesOfAPersonTogetherWithTheirDeclaration() {
        ObjectNode copy = file.deepCopy();
        CasePaths.set(
                copy, FactPath.of("members", "m2", "incomes"), Json.mapper().readTree("{\"lines\":[],\"none\":true}"));
        assertThat(copy.path("incomes").size()).isEqualTo(1);
        assertThat(copy.path("noIncomeDeclared").toString()).isEqualTo("[\"m3\",\"m2\"]");
    }

    @Test
    public void linesWithoutIdsStandUnderTheirPosition() {
        ObjectNode copy =
                (ObjectNode) Json.mapper().readTree("{\"expenses\":[{\"amount\":\"1.00\"},{\"amount\":\"2.00\"}]}");
        CasePaths.set(
                copy, FactPath.of("expenses", "1", "amount"), Json.mapper().readTree("\"3.00\""));
        assertThat(CasePaths.get(copy, FactPath.of("expenses", "1", "amount")))
                .hasValueSatisfying(value -> assertThat(value.asString()).isEqualTo("3.00"));
        assertThat(copy.path("expenses").get(0).path("amount").asString()).isEqualTo("1.00");
        assertThatThrownBy(() -> CasePaths.set(
                        copy,
                        FactPath.of("expenses", "2", "amount"),
                        Json.mapper().readTree("1")))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    public void aLineForAMonthStandsUnderItAndIsMadeWhereThereIsNone() {
        ObjectNode copy =
                (ObjectNode) Json.mapper().readTree("{\"arrears\":[{\"month\":\"2026-08\",\"owed\":\"1.00\"}]}");
        CasePaths.set(
                copy, FactPath.of("arrears", "2026-08", "owed"), Json.mapper().readTree("\"2.00\""));
        CasePaths.set(
                copy, FactPath.of("arrears", "2026-09", "owed"), Json.mapper().readTree("\"3.00\""));
        CasePaths.set(
                copy, FactPath.of("aided", "2026-09", "owed"), Json.mapper().readTree("\"4.00\""));
        assertThat(copy.toString())
                .isEqualTo(
                        "{\"arrears\":[{\"month\":\"2026-08\",\"owed\":\"2.00\"},{\"month\":\"2026-09\",\"owed\":\"3.00\"}],"
                                + "\"aided\":[{\"month\":\"2026-09\",\"owed\":\"4.00\"}]}");
        assertThat(CasePaths.get(copy, FactPath.of("arrears", "2026-10", "owed")))
                .isEmpty();
    }

    @Test
    public void refusesAnIdThatIsNotThere() {
        assertThatThrownBy(() -> CasePaths.set(
                        file.deepCopy(),
                        FactPath.of("incomes", "i9", "amount"),
                        Json.mapper().readTree("1")))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    public void putsOneSourceOfIncomeInThePlaceOfItsLines() {
        ObjectNode copy = file.deepCopy();
        CasePaths.set(
                copy,
                FactPath.of("members", "m1", "incomes", "bakery"),
                Json.mapper().readTree("{\"instead\":[\"i1\"],\"lines\":[{\"id\":\"w\",\"member\":\"m1\"}]}"));
        assertThat(copy.path("incomes")
                        .valueStream()
                        .map(line -> line.path("id").asString()))
                .containsExactly("w", "i2");
        assertThat(copy.path("noIncomeDeclared").toString()).isEqualTo("[\"m3\"]");
    }

    @Test
    public void aSourceNobodyStatedComesLastAndEndsTheDeclarationThatThereIsNone() {
        ObjectNode copy = file.deepCopy();
        CasePaths.set(
                copy,
                FactPath.of("members", "m3", "incomes", "kiosk"),
                Json.mapper().readTree("{\"instead\":[],\"lines\":[{\"id\":\"w\",\"member\":\"m3\"}]}"));
        assertThat(copy.path("incomes")
                        .valueStream()
                        .map(line -> line.path("id").asString()))
                .containsExactly("i1", "i2", "w");
        assertThat(copy.path("noIncomeDeclared")).isEmpty();
    }

    @Test
    public void aSourceThatIsLeftOutChangesNothing() {
        ObjectNode copy = file.deepCopy();
        CasePaths.set(
                copy,
                FactPath.of("members", "m3", "incomes", "kiosk"),
                Json.mapper().readTree("{\"instead\":[],\"lines\":[]}"));
        assertThat(copy).isEqualTo(file);
    }
}
