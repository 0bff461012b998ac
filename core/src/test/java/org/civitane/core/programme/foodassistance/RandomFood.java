package org.civitane.core.programme.foodassistance;

import java.util.Optional;
import java.util.Random;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.ExpenseKind;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.ResourceKind;
import org.civitane.core.programme.foodassistance.FoodAssistanceCase.Utility;

/** Households of every shape, the same for the same seed. */
public final class RandomFood {
    private RandomFood() {}

    /** A case file of any shape. */
    public static FoodAssistanceCase of(Random random) {
        return household(random).file();
    }

    static FoodHousehold household(Random random) {
        FoodHousehold household = new FoodHousehold(1940 + random.nextInt(70) + "-02-28");
        household.received(String.format(
                "202%d-%02d-%02dT16:%02d:59",
                6 + random.nextInt(2), 1 + random.nextInt(12), 1 + random.nextInt(28), 30 + random.nextInt(30)));
        int others = random.nextInt(10);
        for (int i = 0; i < others; i++) {
            household.member(
                    "p" + i,
                    Relationship.values()[1 + random.nextInt(Relationship.values().length - 1)],
                    String.format("%d-%02d-14", 1940 + random.nextInt(85), 1 + random.nextInt(12)),
                    random.nextInt(3) == 0 ? Optional.of(random.nextBoolean()) : Optional.empty(),
                    random.nextInt(5) == 0,
                    random.nextInt(8) == 0,
                    random.nextInt(6) == 0);
            if (random.nextInt(4) > 0) {
                household.none.add("p" + i);
            }
        }
        for (int i = random.nextInt(5); i > 0; i--) {
            IncomeKind kind = one(random, IncomeKind.values());
            long least = kind == IncomeKind.SELF_EMPLOYMENT ? -30_000 : 0;
            household.income(
                    who(random, others), kind, amount(random, least, 120_000), one(random, Frequency.values()));
        }
        for (int i = random.nextInt(4); i > 0; i--) {
            household.owns(one(random, ResourceKind.values()), amount(random, 0, 250_000), maybe(random, others));
        }
        for (int i = random.nextInt(7); i > 0; i--) {
            household.pays(
                    one(random, ExpenseKind.values()),
                    amount(random, 0, 90_000),
                    one(random, Frequency.values()),
                    maybe(random, others));
        }
        for (int i = random.nextInt(4); i > 0; i--) {
            household.uses(one(random, Utility.values()));
        }
        household.homeless = random.nextInt(8) == 0;
        spoil(household, random);
        return household;
    }

    private static void spoil(FoodHousehold household, Random random) {
        switch (random.nextInt(12)) {
            case 0 -> household.signatures.clear();
            case 1 -> household.none.clear();
            case 2 -> household.resources = Optional.empty();
            case 3 -> household.expenses = Optional.empty();
            default -> {}
        }
    }

    private static String who(Random random, int others) {
        return others == 0 || random.nextBoolean() ? "m1" : "p" + random.nextInt(others);
    }

    private static Optional<String> maybe(Random random, int others) {
        return random.nextInt(3) == 0 ? Optional.empty() : Optional.of(who(random, others));
    }

    private static String amount(Random random, long least, long most) {
        return Money.ofCents(random.nextLong(least, most)).toString();
    }

    private static <E> E one(Random random, E[] of) {
        return of[random.nextInt(of.length)];
    }
}
