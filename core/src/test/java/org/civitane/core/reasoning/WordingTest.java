package org.civitane.core.reasoning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.reasoning.Step.Input;
import org.testng.annotations.Test;

/** How a step becomes a sentence that can be said aloud. */
public class WordingTest {
    private static final Wording FOOD = Catalogue.named("food-assistance").wording(Locale.ENGLISH);
    private static final Wording CERTIFICATE =
            Catalogue.named("conduct-certificate").wording(Locale.ENGLISH);

    @Test
    public void whatCameToNothingIsNotSaid() {
        assertThat(fee("12.00", "0.00")).isEqualTo("2 copies at €18.00, €12.00 for fast handling: the fee is €48.00.");
        assertThat(fee("0.00", "4.00"))
                .isEqualTo("2 copies at €18.00 and €4.00 for sending it (by mail): the fee is €48.00.");
    }

    @Test
    public void oneIsNotSeveral() {
        assertThat(maximum(1)).isEqualTo("1 person can get €300.00 a month at most.");
        assertThat(maximum(4)).isEqualTo("4 people can get €300.00 a month at most.");
    }

    private static String maximum(int people) {
        return FOOD.sentence(step("maximum", "300.00", new Input("unitSize", Value.of(people))));
    }

    private static String fee(String fast, String postage) {
        return CERTIFICATE.sentence(step(
                "fee",
                "48.00",
                new Input("copies", Value.of(2)),
                new Input("copyFee", Value.of(Money.parse("18.00"))),
                new Input("fast", Value.of(Money.parse(fast))),
                new Input("postage", Value.of(Money.parse(postage))),
                new Input("way", Value.of("MAIL"))));
    }

    private static Step step(String code, String result, Input... inputs) {
        return new Step(
                code,
                new Rule("chapter", "Paragraph"),
                Optional.empty(),
                List.of(inputs),
                Value.of(Money.parse(result)),
                List.of(),
                List.of());
    }
}
