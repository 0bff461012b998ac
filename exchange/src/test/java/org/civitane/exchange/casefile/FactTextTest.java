package org.civitane.exchange.casefile;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.Map;
import org.civitane.core.fact.FactSpecs;
import org.civitane.core.fact.Shape;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.binding.Json;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Values in words, by the shape of their fact. */
public class FactTextTest {
    private static final Programme<?> FOOD = Catalogue.named("food-assistance");
    private static final Programme<?> LEAVE = Catalogue.named("paid-leave");
    private static final Programme<?> RENT = Catalogue.named("rent-arrears");

    @DataProvider
    Object[][] values() {
        return new Object[][] {
            {FOOD, "incomes/i1/amount", "\"1234.50\"", "€1,234.50"},
            {FOOD, "incomes/i1/amount", "{\"amount\":\"408.50\",\"frequency\":\"WEEKLY\"}", "€408.50 a week"},
            {FOOD, "members/m1/dateOfBirth", "\"1990-04-02\"", "2 April 1990"},
            {FOOD, "homeless", "true", "yes"},
            {FOOD, "utilities", "[\"HEATING\",\"ELECTRICITY\"]", "heating, electricity"},
            {FOOD, "utilities", "[]", "none"},
            {
                FOOD,
                "expenses/0",
                "{\"kind\":\"RENT\",\"amount\":\"853.00\",\"frequency\":\"MONTHLY\"}",
                "rent, €853.00 a month"
            },
            {RENT, "arrears/0/month", "\"2026-08\"", "August 2026"},
            {RENT, "arrears", "[{\"month\":\"2026-08\",\"owed\":\"1200.00\"}]", "August 2026, €1,200.00"},
            {
                LEAVE,
                "quarterWages",
                "[{\"quarter\":\"2026Q1\",\"amount\":\"900.00\"},{\"quarter\":\"2026Q2\",\"amount\":\"8.50\"}]",
                "January to March 2026, €900.00; April to June 2026, €8.50"
            },
            {LEAVE, "schedule", "{\"1\":\"8\",\"5\":\"4.5\"}", "Monday 8 hours, Friday 4.5 hours"},
            {LEAVE, "absences", "[{\"date\":\"2026-11-04\",\"hours\":\"8\"}]", "4 November 2026, 8 hours"},
            {LEAVE, "schedule/5", "\"4.5\"", "4.5 hours"},
            {LEAVE, "schedule/5", "\"1\"", "1 hour"},
        };
    }

    @Test(dataProvider = "values")
    public void aValueReadsAsWhatItIs(Programme<?> programme, String path, String json, String words) {
        Wording wording = programme.wording(Locale.ENGLISH);
        assertThat(FactText.at(new FactPath(path), Json.mapper().readTree(json), programme.facts(), wording))
                .isEqualTo(words);
    }

    @Test
    public void peopleAreCalledByTheirNames() {
        Wording wording = FOOD.wording(Locale.ENGLISH).naming(Map.of("m2", "Ivo"));
        Shape owner = FactSpecs.shapeAt(FOOD.facts(), FactPath.of("resources", "0", "owner"))
                .orElseThrow();
        assertThat(FactText.words(owner, Json.mapper().readTree("\"m2\""), wording))
                .isEqualTo("Ivo");
    }
}
