package org.civitane.core.programme.foodassistance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.Outcome;
import org.civitane.core.reasoning.Value;
import org.testng.annotations.Test;

/** What must hold for any household. */
public class FoodAssistancePropertiesTest {
    @Test
    public void agreesWithTheRulesWrittenDownASecondTime() {
        Random random = new Random(1);
        for (int i = 0; i < 20_000; i++) {
            FoodAssistanceCase file = RandomFood.of(random);
            Determination determination = Determined.silently(new FoodAssistance(), file);
            assertThat(plain(determination)).as("%s", file).isEqualTo(StraightLine.determine(file));
        }
    }

    @Test
    public void theWorkingChangesNothingAndReadsInSentences() {
        Random random = new Random(2);
        for (int i = 0; i < 1_000; i++) {
            Determined.checkWorking(new FoodAssistance(), RandomFood.of(random));
        }
    }

    @Test
    public void moreIncomeNeverRaisesTheBenefit() {
        Random random = new Random(3);
        for (int i = 0; i < 5_000; i++) {
            FoodHousehold household = RandomFood.household(random);
            IncomeKind kind = random.nextBoolean() ? IncomeKind.WAGES : IncomeKind.PENSION;
            household.income(
                    "m1",
                    kind,
                    Money.ofCents(random.nextLong(200_000)).toString(),
                    household.incomes.isEmpty()
                            ? Frequency.MONTHLY
                            : household.incomes.getFirst().frequency());
            long before = benefit(household.determined());
            IncomeLine line = household.incomes.removeLast();
            household.incomes.add(
                    line.with(line.amount().plus(Money.ofCents(1 + random.nextLong(50_000))), line.frequency()));
            assertThat(benefit(household.determined())).isLessThanOrEqualTo(before);
        }
    }

    @Test
    public void theOrderOfMembersAndLinesNeverMatters() {
        Random random = new Random(4);
        for (int i = 0; i < 3_000; i++) {
            FoodHousehold household = RandomFood.household(random);
            Determination before = household.determined();
            Collections.shuffle(household.members, random);
            Collections.shuffle(household.incomes, random);
            household.resources.ifPresent(lines -> Collections.shuffle(lines, random));
            household.expenses.ifPresent(lines -> Collections.shuffle(lines, random));
            List<String> none = new ArrayList<>(household.none);
            Collections.shuffle(none, random);
            household.none = none;
            assertThat(household.determined()).isEqualTo(before);
        }
    }

    private static long benefit(Determination determination) {
        Value benefit = determination.outcomes().getFirst().more().get("benefit");
        return benefit instanceof Value.Amount amount ? amount.money().cents() : 0;
    }

    private static StraightLine.Result plain(Determination determination) {
        Outcome outcome = determination.outcomes().getFirst();
        return new StraightLine.Result(
                outcome.result(),
                outcome.basis(),
                String.join(",", determination.missing()),
                (int) number(determination, "unitSize"),
                holds(determination, "protected"),
                holds(determination, "urgent"),
                cents(determination, "grossMonthly"),
                cents(determination, "earnedMonthly"),
                cents(determination, "earnedDisregard"),
                cents(determination, "standard"),
                cents(determination, "dependantCare"),
                cents(determination, "medical"),
                cents(determination, "supportPaid"),
                cents(determination, "adjusted"),
                cents(determination, "utilityAllowance"),
                cents(determination, "shelterCosts"),
                cents(determination, "excessShelter"),
                cents(determination, "net"),
                cents(determination, "grossLimit"),
                cents(determination, "netLimit"),
                cents(determination, "liquid"),
                cents(determination, "resourceLimit"),
                cents(determination, "maximum"),
                cents(outcome.more().get("benefit")),
                cents(outcome.more().get("firstMonth")),
                outcome.more().get("months") instanceof Value.Count months ? (int) months.number() : -1,
                determination.dueBy());
    }

    private static long number(Determination determination, String name) {
        return determination.figures().get(name) instanceof Value.Count count ? count.number() : -1;
    }

    private static boolean holds(Determination determination, String name) {
        return determination.figures().get(name) instanceof Value.Flag flag && flag.holds();
    }

    private static long cents(Determination determination, String name) {
        return cents(determination.figures().get(name));
    }

    private static long cents(Value value) {
        return value instanceof Value.Amount amount ? amount.money().cents() : -1;
    }
}
