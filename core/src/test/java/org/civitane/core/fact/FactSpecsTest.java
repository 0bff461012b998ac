package org.civitane.core.fact;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.MayBeNegative;
import org.civitane.core.casefile.WrittenAs;
import org.civitane.core.reasoning.FactPath;
import org.testng.annotations.Test;

/** Facts as they follow from a record. */
public class FactSpecsTest {
    enum Kind {
        ONE,
        OTHER
    }

    record Row(Money owed, @WrittenAs("for") Optional<String> member) {}

    record Outside(String name, @WordOf(SaidBy.THIRD_PARTY) boolean takesPart) {}

    record Sample(
            String name,
            @MayBeNegative Money amount,
            Optional<LocalDate> on,
            Kind kind,
            List<Row> rows,
            Optional<Outside> outside,
            @WordOf(SaidBy.REGISTER) Optional<Row> found) {}

    @Test
    public void aComponentIsAFactOfItsShapeAndWord() {
        List<FactSpec> facts = FactSpecs.of(Sample.class);
        assertThat(facts)
                .extracting(FactSpec::name)
                .containsExactly("name", "amount", "on", "kind", "rows", "outside", "found");
        assertThat(facts.get(1).shape()).isEqualTo(new Shape.Amount(true));
        assertThat(facts.get(2).optional()).isTrue();
        assertThat(facts.get(3).shape()).isEqualTo(new Shape.Choice(List.of("ONE", "OTHER")));
        assertThat(facts.get(4).shape())
                .isEqualTo(new Shape.Several(new Shape.Group(List.of(
                        new FactSpec("owed", new Shape.Amount(false), SaidBy.APPLICANT, false),
                        new FactSpec("for", new Shape.Text(false), SaidBy.APPLICANT, true)))));
    }

    @Test
    public void whatIsWithinSomethingIsTheSamePersonsWordUnlessItSaysOtherwise() {
        List<FactSpec> facts = FactSpecs.of(Sample.class);
        assertThat(parts(facts.get(5)))
                .extracting(FactSpec::saidBy)
                .containsExactly(SaidBy.APPLICANT, SaidBy.THIRD_PARTY);
        assertThat(parts(facts.get(6))).extracting(FactSpec::saidBy).containsOnly(SaidBy.REGISTER);
    }

    @Test
    public void aPathLeadsThroughListsToTheShapeThere() {
        List<FactSpec> facts = FactSpecs.of(Sample.class);
        assertThat(FactSpecs.shapeAt(facts, FactPath.of("rows", "3", "owed"))).contains(new Shape.Amount(false));
        assertThat(FactSpecs.shapeAt(facts, FactPath.of("outside", "name"))).contains(new Shape.Text(false));
        assertThat(FactSpecs.shapeAt(facts, FactPath.of("nothing"))).isEmpty();
        assertThat(FactSpecs.shapeAt(facts, FactPath.of("name", "more"))).isEmpty();
    }

    private static List<FactSpec> parts(FactSpec fact) {
        return ((Shape.Group) fact.shape()).parts();
    }
}
