package org.civitane.core.programme.estateregistration;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.civitane.core.amount.Money;
import org.civitane.core.policy.RulebookTables;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Deceased;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Descendant;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Family;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.FamilyPerson;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Kin;
import org.testng.annotations.Test;

/** Who inherits what, over random families, beside a second writing of the chapter. */
public class SharesTest {
    private static final LocalDate DIED = LocalDate.of(2026, 8, 20);
    private static final EstateRegistrationPolicy POLICY =
            EstateRegistrationPolicy.of(RulebookTables.BOOK.inForce(EstateRegistrationPolicy.TABLE, DIED));
    private static final Deceased DECEASED = new Deceased(
            "Orla", "Brekke", LocalDate.of(1940, 1, 1), DIED, "Skerrow", Deceased.Marital.MARRIED, Optional.empty());
    private static final MathContext EXACTLY_ENOUGH = new MathContext(60);

    @Test
    public void sharesAddUpToTheCentAndAgreeWithASecondWriting() {
        Random random = new Random(12);
        for (int i = 0; i < 20_000; i++) {
            Family family = family(random);
            Money distributable =
                    Money.ofCents(random.nextInt(4) == 0 ? random.nextInt(9) : random.nextInt(30_000_000));
            List<Heir> heirs = Shares.of(family, distributable, DECEASED, POLICY);
            assertThat(heirs.stream().map(Heir::amount).reduce(Money.ZERO, Money::plus))
                    .as(family.toString())
                    .isEqualTo(distributable);
            Map<String, BigDecimal> expected = second(family, BigDecimal.valueOf(distributable.cents()));
            assertThat(heirs.stream().map(Heir::heir)).containsExactlyElementsOf(expected.keySet());
            int changed = 0;
            for (Heir heir : heirs) {
                assertThat(heir.amount().isNegative()).isFalse();
                long rounded = expected.get(heir.heir())
                        .setScale(20, RoundingMode.HALF_UP)
                        .setScale(0, RoundingMode.HALF_UP)
                        .longValueExact();
                changed += heir.amount().cents() == rounded ? 0 : 1;
            }
            assertThat(changed).as("only the youngest take the cents").isLessThanOrEqualTo(heirs.size() / 2 + 1);
        }
    }

    @Test
    public void aChildsChildrenTakeItsPlaceAndTheYoungestTakesTheCent() {
        Descendant dead = new Descendant(
                "Ivo", LocalDate.of(1970, 1, 1), Optional.of(DIED), false, List.of(person(1999), person(2001)));
        Family family =
                new Family(Optional.empty(), List.of(person(1968), dead), List.of(), List.of(), List.of(), false);
        List<Heir> heirs = Shares.of(family, Money.parse("100.01"), DECEASED, POLICY);
        assertThat(heirs)
                .extracting(heir -> heir.heir() + " " + heir.amount())
                .containsExactly("child-1 50.01", "child-2-1 25.00", "child-2-2 25.00");
    }

    private static Descendant person(int born) {
        return new Descendant("P" + born, LocalDate.of(born, 1, 1), Optional.empty(), false, List.of());
    }

    /** Exact parts in cents, by heir, written down another way: each level hands a part to those below. */
    private static Map<String, BigDecimal> second(Family family, BigDecimal all) {
        Map<String, BigDecimal> parts = new LinkedHashMap<>();
        boolean spouse = family.spouse().filter(SharesTest::lives).isPresent();
        long stems = family.children().stream().filter(SharesTest::isStem).count();
        if (stems > 0) {
            BigDecimal rest = all;
            if (spouse) {
                BigDecimal first = all.min(BigDecimal.valueOf(5_000_000));
                BigDecimal asChild = all.divide(BigDecimal.valueOf(stems + 1), EXACTLY_ENOUGH);
                parts.put("spouse", first.max(asChild));
                rest = all.subtract(first.max(asChild));
            }
            hand(family.children(), "child", rest, parts);
            return parts;
        }
        List<String> next = new ArrayList<>();
        for (int i = 0; i < family.parents().size(); i++) {
            if (lives(family.parents().get(i))) {
                next.add("parent-" + (i + 1));
            }
        }
        boolean siblings = next.isEmpty() && family.siblings().stream().anyMatch(SharesTest::isStem);
        BigDecimal part = spouse && (siblings || !next.isEmpty()) ? all.divide(BigDecimal.TWO, EXACTLY_ENOUGH) : all;
        if (spouse) {
            parts.put("spouse", part);
        }
        if (siblings) {
            hand(family.siblings(), "sibling", part, parts);
        }
        next.forEach(parent -> parts.put(parent, part.divide(BigDecimal.valueOf(next.size()), EXACTLY_ENOUGH)));
        if (parts.isEmpty()) {
            handKin(family.kin(), all, parts);
        }
        return parts;
    }

    private static void handKin(List<Kin> kin, BigDecimal all, Map<String, BigDecimal> parts) {
        for (int degree = 2; degree <= 8 && parts.isEmpty(); degree++) {
            int wanted = degree;
            long count = kin.stream()
                    .filter(each -> lives(each) && each.degree() == wanted)
                    .count();
            for (int i = 0; i < kin.size(); i++) {
                if (lives(kin.get(i)) && kin.get(i).degree() == degree) {
                    parts.put("kin-" + (i + 1), all.divide(BigDecimal.valueOf(count), EXACTLY_ENOUGH));
                }
            }
        }
        if (parts.isEmpty()) {
            parts.put("isles", all);
        }
    }

    private static void hand(List<Descendant> people, String prefix, BigDecimal part, Map<String, BigDecimal> parts) {
        long stems = people.stream().filter(SharesTest::isStem).count();
        for (int i = 0; i < people.size(); i++) {
            Descendant person = people.get(i);
            if (isStem(person)) {
                BigDecimal own = part.divide(BigDecimal.valueOf(stems), EXACTLY_ENOUGH);
                if (lives(person)) {
                    parts.put(prefix + "-" + (i + 1), own);
                } else {
                    hand(person.children(), prefix + "-" + (i + 1), own, parts);
                }
            }
        }
    }

    private static boolean isStem(Descendant person) {
        return lives(person) || person.children().stream().anyMatch(SharesTest::isStem);
    }

    private static boolean lives(Relative person) {
        return !person.disclaimed()
                && person.diedOn().filter(day -> !day.isAfter(DIED)).isEmpty()
                && !person.dateOfBirth().isAfter(DIED.plusDays(300));
    }

    private static Family family(Random random) {
        Optional<FamilyPerson> spouse = random.nextBoolean() ? Optional.of(someone(random)) : Optional.empty();
        List<FamilyPerson> parents = new ArrayList<>();
        for (int i = random.nextInt(3); i > 0; i--) {
            parents.add(someone(random));
        }
        List<Kin> kin = new ArrayList<>();
        for (int i = random.nextInt(4); i > 0; i--) {
            FamilyPerson of = someone(random);
            kin.add(new Kin(of.name(), of.dateOfBirth(), of.diedOn(), of.disclaimed(), 2 + random.nextInt(7)));
        }
        return new Family(
                spouse, random.nextInt(3) == 0 ? List.of() : tree(random, 0), parents, tree(random, 1), kin, false);
    }

    private static List<Descendant> tree(Random random, int depth) {
        List<Descendant> people = new ArrayList<>();
        for (int i = random.nextInt(4 - Math.min(3, depth)); i > 0; i--) {
            FamilyPerson of = someone(random);
            people.add(
                    new Descendant(of.name(), of.dateOfBirth(), of.diedOn(), of.disclaimed(), tree(random, depth + 1)));
        }
        return people;
    }

    private static FamilyPerson someone(Random random) {
        LocalDate born = DIED.minusDays(random.nextInt(30_000)).plusDays(random.nextInt(400));
        Optional<LocalDate> died = switch (random.nextInt(4)) {
            case 0 -> Optional.of(DIED.minusDays(random.nextInt(3)));
            case 1 -> Optional.of(DIED.plusDays(random.nextInt(3)));
            default -> Optional.empty();
        };
        return new FamilyPerson("P", born, died, random.nextInt(8) == 0);
    }
}
