package org.civitane.core.programme.objection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.objection.ObjectionCase.Line;
import org.civitane.core.programme.objection.ObjectionCase.Line.Otherwise;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Whether an outcome made anew is better or worse for the person. */
public class ComparedTest {
    @DataProvider
    Object[][] pairs() {
        return new Object[][] {
            {line("DENIED"), amount("APPROVED", "10"), "CHANGED_FOR", "10.00"},
            {amount("APPROVED", "10"), amount("APPROVED", "9.99"), "CHANGED_AGAINST", "-0.01"},
            {charge("ISSUE", "30"), charge("ISSUE", "18"), "CHANGED_FOR", "12.00"},
            {line("ISSUE_WITH_ENTRIES"), line("ISSUE"), "CHANGED_FOR", "0.00"},
            {line("APPROVED"), line("PROVISIONAL"), "CHANGED_AGAINST", "0.00"},
            {line("DENIED"), line("LATE"), "UPHELD", "0.00"},
            {line("APPROVED"), otherwise("APPROVED", Otherwise.AGAINST), "CHANGED_AGAINST", "0.00"},
            {otherwise("APPROVED", Otherwise.AGAINST), line("APPROVED"), "UPHELD", "0.00"}
        };
    }

    @Test(dataProvider = "pairs")
    public void worthComesFirstThenTheClassThenTheReviewersWord(
            Line before, Line after, String result, String difference) {
        Compared compared = Compared.all(List.of(before), List.of(after)).getFirst();
        assertThat(compared.result().name()).isEqualTo(result);
        assertThat(compared.difference()).hasToString(difference);
    }

    @Test
    public void aSubjectThatIsNewOrGoneIsComparedWithNothing() {
        Line other = new Line("m2", "APPROVED", Optional.empty(), Optional.empty(), Optional.empty());
        List<Compared> all = Compared.all(List.of(line("APPROVED")), List.of(other));
        assertThat(all)
                .extracting(each -> each.subject() + " " + each.result())
                .containsExactly("m1 CHANGED_AGAINST", "m2 CHANGED_FOR");
        assertThat(all.getFirst().figures()).containsKey("from").doesNotContainKey("to");
    }

    private static Line line(String result) {
        return new Line("m1", result, Optional.empty(), Optional.empty(), Optional.empty());
    }

    private static Line amount(String result, String amount) {
        return new Line("m1", result, Optional.of(Money.parse(amount)), Optional.empty(), Optional.empty());
    }

    private static Line charge(String result, String charge) {
        return new Line("m1", result, Optional.empty(), Optional.of(Money.parse(charge)), Optional.empty());
    }

    private static Line otherwise(String result, Otherwise otherwise) {
        return new Line("m1", result, Optional.empty(), Optional.empty(), Optional.of(otherwise));
    }
}
