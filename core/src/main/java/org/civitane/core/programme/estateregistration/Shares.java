package org.civitane.core.programme.estateregistration;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.civitane.core.amount.Fraction;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Deceased;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Family;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Kin;

/** Who inherits what where there is no will (chapter, Shares). */
final class Shares {
    private final Family family;
    private final Money distributable;
    private final LocalDate diedOn;
    private final EstateRegistrationPolicy policy;
    private final List<Heir> heirs = new ArrayList<>();

    private Shares(Family family, Money distributable, LocalDate diedOn, EstateRegistrationPolicy policy) {
        this.family = family;
        this.distributable = distributable;
        this.diedOn = diedOn;
        this.policy = policy;
    }

    /** The heirs in the order of the chapter, with amounts that add up to what there is. */
    static List<Heir> of(Family family, Money distributable, Deceased deceased, EstateRegistrationPolicy policy) {
        Shares shares = new Shares(family, distributable, deceased.diedOn(), policy);
        shares.divide();
        return shares.addedUp();
    }

    private void divide() {
        Fraction all = Fraction.of(distributable);
        Optional<Relative> spouse = family.spouse().filter(this::lives).map(each -> each);
        int stems = stems(family.children());
        if (stems > 0) {
            Fraction spouses = spouse.isPresent() ? spousesPart(all, stems) : Fraction.of(Money.ZERO);
            spouse.ifPresent(each -> heirs.add(Heir.of("spouse", each, spouses)));
            divide(family.children(), "child-", all.minus(spouses));
        } else if (spouse.isPresent() || hasNextClass()) {
            Fraction half = spouse.isPresent() && hasNextClass() ? all.dividedBy(2) : all;
            spouse.ifPresent(each -> heirs.add(Heir.of("spouse", each, half)));
            if (hasNextClass()) {
                divideNextClass(half);
            }
        } else {
            divideKin(all);
        }
    }

    /** The greater of a first amount, as far as there is so much, and the part of one more child. */
    private Fraction spousesPart(Fraction all, int stems) {
        Fraction first = Fraction.of(policy.spouseFirst.limitedTo(distributable));
        Fraction asAChild = all.dividedBy(stems + 1L);
        return first.compareTo(asAChild) > 0 ? first : asAChild;
    }

    private boolean hasNextClass() {
        return family.parents().stream().anyMatch(this::lives) || stems(family.siblings()) > 0;
    }

    private void divideNextClass(Fraction part) {
        List<? extends Relative> parents = family.parents();
        long living = parents.stream().filter(this::lives).count();
        if (living == 0) {
            divide(family.siblings(), "sibling-", part);
            return;
        }
        for (int i = 0; i < parents.size(); i++) {
            if (lives(parents.get(i))) {
                heirs.add(Heir.of("parent-" + (i + 1), parents.get(i), part.dividedBy(living)));
            }
        }
    }

    /** Equal parts for the stems; one that does not live passes its part on to its own. */
    private void divide(List<? extends Relative> people, String prefix, Fraction part) {
        int stems = stems(people);
        for (int i = 0; i < people.size(); i++) {
            Relative person = people.get(i);
            String heir = prefix + (i + 1);
            if (lives(person)) {
                heirs.add(Heir.of(heir, person, part.dividedBy(stems)));
            } else if (isStem(person)) {
                divide(person.standIns(), heir + "-", part.dividedBy(stems));
            }
        }
    }

    private void divideKin(Fraction all) {
        List<Kin> kin = family.kin();
        int nearest =
                kin.stream().filter(this::lives).mapToInt(Kin::degree).min().orElse(0);
        long count = kin.stream()
                .filter(each -> lives(each) && each.degree() == nearest)
                .count();
        for (int i = 0; i < kin.size(); i++) {
            if (lives(kin.get(i)) && kin.get(i).degree() == nearest) {
                heirs.add(Heir.of("kin-" + (i + 1), kin.get(i), all.dividedBy(count)));
            }
        }
        if (count == 0) {
            heirs.add(Heir.isles(all));
        }
    }

    private int stems(List<? extends Relative> people) {
        return (int) people.stream().filter(this::isStem).count();
    }

    private boolean isStem(Relative person) {
        return lives(person) || person.standIns().stream().anyMatch(this::isStem);
    }

    private boolean lives(Relative person) {
        return !person.disclaimed()
                && !person.dateOfBirth().isAfter(diedOn.plusDays(policy.bornWithinDays))
                && person.diedOn().map(day -> day.isAfter(diedOn)).orElse(true);
    }

    /** What the rounded shares lack goes to the youngest; what they have too much is taken from the youngest on. */
    private List<Heir> addedUp() {
        Money left = distributable.minus(heirs.stream().map(Heir::amount).reduce(Money.ZERO, Money::plus));
        List<Integer> youngestFirst = IntStream.range(0, heirs.size())
                .boxed()
                .sorted(Comparator.<Integer, LocalDate>comparing(
                                i -> heirs.get(i).born())
                        .thenComparing(i -> i)
                        .reversed())
                .toList();
        for (int place : youngestFirst) {
            Heir heir = heirs.get(place);
            Money amount = heir.amount().plus(left).atLeast(Money.ZERO);
            left = left.minus(amount.minus(heir.amount()));
            heirs.set(place, heir.with(amount));
        }
        return List.copyOf(heirs);
    }
}
