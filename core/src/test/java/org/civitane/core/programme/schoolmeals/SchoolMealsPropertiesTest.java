package org.civitane.core.programme.schoolmeals;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.Outcome;
import org.testng.annotations.Test;

/** What must hold for any household. */
public class SchoolMealsPropertiesTest {
    @Test
    public void agreesWithASecondWritingOfTheChapter() {
        Random random = new Random(7);
        Set<String> results = new HashSet<>();
        for (int i = 0; i < 20_000; i++) {
            Household household = RandomHousehold.of(random);
            LocalDate received = LocalDate.of(2026, 7, 1).plusDays(random.nextInt(700));
            SchoolMealsCase file = household.receivedAt(received + "T09:00:00").file();
            Determination determination = Determined.silently(new SchoolMeals(), file);
            SecondWriting.Said expected = SecondWriting.of(file);
            assertThat(determination.missing()).as(() -> "missing of " + file).isEqualTo(expected.missing());
            assertThat(determination.outcomes().stream().map(Determined::told))
                    .as(file::toString)
                    .isEqualTo(expected.outcomes());
            expected.figures()
                    .forEach((name, value) -> assertThat(Determined.figure(determination, name))
                            .as(() -> name + " of " + file)
                            .isEqualTo(value));
            determination.outcomes().forEach(outcome -> results.add(outcome.result() + " " + outcome.basis()));
        }
        assertThat(results).hasSize(8);
    }

    @Test
    public void theWorkingChangesNothingAndEveryStepHasItsSentence() {
        Random random = new Random(42);
        for (int i = 0; i < 2_000; i++) {
            Determined.checkWorking(
                    new SchoolMeals(), RandomHousehold.of(random).file());
        }
    }

    @Test
    public void moreIncomeNeverRaisesABenefit() {
        Random random = new Random(43);
        List<String> bestFirst = List.of("FREE", "REDUCED", "DENIED");
        for (int i = 0; i < 2_000; i++) {
            Frequency frequency = Frequency.values()[random.nextInt(Frequency.values().length)];
            long cents = random.nextLong(5_000_000);
            String before = result(Money.ofCents(cents), frequency);
            String after = result(Money.ofCents(cents + random.nextLong(1_000_000)), frequency);
            assertThat(bestFirst.indexOf(after)).isGreaterThanOrEqualTo(bestFirst.indexOf(before));
        }
    }

    private static String result(Money income, Frequency frequency) {
        Outcome outcome = new Household()
                .pupil("c1")
                .wages(income.toString(), frequency)
                .determined()
                .outcomes()
                .getFirst();
        return outcome.result();
    }
}
