package org.civitane.core.programme.schoolmeals;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Random;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.SignerNumber;

/** Households of every shape, the same for the same seed. */
final class RandomHousehold {
    private RandomHousehold() {}

    static Household of(Random random) {
        Household household = new Household();
        int others = random.nextInt(5);
        for (int i = 0; i < others; i++) {
            LocalDate born = LocalDate.of(1960 + random.nextInt(64), 1 + random.nextInt(12), 1 + random.nextInt(28));
            Optional<LocalDate> away = random.nextInt(5) == 0
                    ? Optional.of(LocalDate.of(2026, 9, 14).minusDays(85 + random.nextInt(10)))
                    : Optional.empty();
            household.member(
                    "p" + i,
                    Relationship.OTHER_RELATIVE,
                    born.toString(),
                    random.nextBoolean(),
                    random.nextInt(4) == 0,
                    away);
        }
        int lines = random.nextInt(4);
        for (int i = 0; i < lines; i++) {
            String member = others == 0 || random.nextBoolean() ? "m1" : "p" + random.nextInt(others);
            IncomeKind kind = IncomeKind.values()[random.nextInt(IncomeKind.values().length)];
            long cents =
                    kind == IncomeKind.SELF_EMPLOYMENT ? random.nextLong(-50_000, 300_000) : random.nextLong(300_000);
            household.income(
                    member,
                    kind,
                    Money.ofCents(cents).toString(),
                    Frequency.values()[random.nextInt(Frequency.values().length)]);
        }
        if (random.nextInt(3) == 0) {
            household.noIncome("m1");
        }
        if (random.nextInt(6) == 0) {
            household.unsigned();
        }
        if (random.nextInt(6) == 0) {
            household.number(Optional.of(new SignerNumber(Optional.of("12"), false)));
        }
        if (random.nextInt(5) == 0) {
            household.benefit(random.nextBoolean());
        }
        return household;
    }
}
