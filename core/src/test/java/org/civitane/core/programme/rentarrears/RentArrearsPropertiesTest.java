package org.civitane.core.programme.rentarrears;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.ExpenseKind;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.ResourceKind;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Landlord.TakesPart;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Lease;
import org.civitane.core.reasoning.Value;
import org.testng.annotations.Test;

/** What must hold for any tenancy. */
public class RentArrearsPropertiesTest {
    @Test
    public void agreesWithASecondWritingOfTheChapter() {
        Random random = new Random(6);
        Set<String> outcomes = new HashSet<>();
        for (int i = 0; i < 20_000; i++) {
            RentArrearsCase file = household(random).file();
            Determination determination = Determined.silently(new RentArrears(), file);
            if (determination.status() == Status.INCOMPLETE) {
                continue;
            }
            Map<String, String> expected = SecondWriting.of(file);
            outcomes.add(expected.get("outcome"));
            expected.forEach((name, value) -> assertThat(
                            switch (name) {
                                case "outcome" -> Determined.outcome(determination);
                                case "months", "total", "payee" -> Determined.more(determination, name);
                                default -> Determined.figure(determination, name);
                            })
                    .as(() -> name + " of " + file)
                    .isEqualTo(value));
            boolean held = "null".equals(expected.get("payee"));
            assertThat(determination.status()).isEqualTo(held ? Status.HOLD : Status.DETERMINED);
        }
        assertThat(outcomes).hasSize(7);
    }

    @Test
    public void holdsForAnyTenancy() {
        Random random = new Random(5);
        for (int i = 0; i < 2_000; i++) {
            Tenancy tenancy = any(random);
            Determination determination = tenancy.determined();
            Determined.checkWorking(new RentArrears(), tenancy.file());
            if (determination.outcomes().getFirst().more().get("months") instanceof Value.Row months) {
                long sum = months.values().stream()
                        .mapToLong(RentArrearsPropertiesTest::amount)
                        .sum();
                assertThat(tenancy.more("total")).isEqualTo(Money.ofCents(sum).toString());
                assertThat(sum).isLessThanOrEqualTo(480_000);
                assertThat(months.values().size()).isLessThanOrEqualTo(6);
            }
            Collections.shuffle(tenancy.arrears.orElseThrow(), random);
            Collections.shuffle(tenancy.aided, random);
            assertThat(tenancy.determined()).isEqualTo(determination);
            tenancy.earns("500.00");
            assertThat(total(tenancy.determined())).isLessThanOrEqualTo(total(determination));
        }
    }

    /** A tenancy with more people, income, costs and property than {@link #any}. */
    private static Tenancy household(Random random) {
        Tenancy tenancy = any(random);
        for (int i = 2; i < 2 + random.nextInt(10); i++) {
            Optional<LocalDate> unemployed = random.nextInt(4) == 0
                    ? Optional.of(LocalDate.of(2026, 6, 10).plusDays(random.nextInt(14)))
                    : Optional.empty();
            tenancy.person("m" + i, "B" + (char) ('a' + i), Relationship.CHILD, false, unemployed);
            tenancy.none.add("m" + i);
        }
        if (random.nextInt(3) == 0 && tenancy.members.size() > 1) {
            String other = tenancy.members.getLast().name().full();
            tenancy.lease = Optional.of(new Lease(random.nextBoolean() ? List.of(other) : List.of(other, "A Berg")));
        }
        for (IncomeKind kind : IncomeKind.values()) {
            if (random.nextInt(6) == 0) {
                boolean loss = kind == IncomeKind.SELF_EMPLOYMENT && random.nextBoolean();
                tenancy.incomes.add(new IncomeLine(
                        "x" + kind,
                        "m1",
                        kind,
                        Money.ofCents((loss ? -1 : 1) * (long) random.nextInt(90_000)),
                        Frequency.values()[random.nextInt(Frequency.values().length)],
                        Optional.empty()));
            }
        }
        for (ResourceKind kind : ResourceKind.values()) {
            if (random.nextInt(3) == 0) {
                tenancy.owns(kind, random.nextInt(14_000) + ".07");
            }
        }
        for (ExpenseKind kind : ExpenseKind.values()) {
            if (random.nextInt(3) == 0) {
                tenancy.pays(kind, random.nextInt(3_000) + ".55");
            }
        }
        if (random.nextInt(4) == 0) {
            tenancy.inHardshipSince(
                    LocalDate.of(2025, 3, 14).plusDays(random.nextInt(3) - 1L).toString());
        }
        if (random.nextInt(3) == 0) {
            tenancy.home("2140", random.nextInt(7), "1210.00", Optional.of(random.nextInt(900) + ".00"));
        }
        if (random.nextInt(4) == 0) {
            tenancy.decidedOn = Optional.of(LocalDate.of(2026, 9, 14).plusDays(random.nextInt(20)));
        }
        return tenancy;
    }

    private static Tenancy any(Random random) {
        Tenancy tenancy = new Tenancy().owesNothing().ahead(random.nextInt(4)).earns(random.nextInt(26_000) + ".00");
        YearMonth month = YearMonth.of(2025, 6);
        for (int i = 0; i < 16; i++) {
            if (random.nextInt(3) == 0) {
                tenancy.owes(month.plusMonths(i).toString(), random.nextInt(1_300) + ".50");
            }
            if (random.nextInt(6) == 0) {
                tenancy.aided(month.plusMonths(i).toString());
            }
        }
        if (random.nextInt(5) == 0) {
            tenancy.landlord(TakesPart.PENDING, Optional.of("2026-08-" + (10 + random.nextInt(21))));
        }
        if (random.nextInt(8) == 0) {
            tenancy.signatures.clear();
        }
        return tenancy.home("" + (900 + random.nextInt(4_200)), random.nextInt(6), "870.00", Optional.empty());
    }

    private static long total(Determination determination) {
        Value total = determination.outcomes().getFirst().more().get("total");
        return total instanceof Value.Amount amount ? amount.money().cents() : 0;
    }

    private static long amount(Value month) {
        return month instanceof Value.Fields fields && fields.values().get("amount") instanceof Value.Amount amount
                ? amount.money().cents()
                : -1;
    }
}
