package org.civitane.core.programme.estateregistration;

import java.time.LocalDate;
import java.util.Optional;
import org.civitane.core.amount.Fraction;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.Member;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Value;

/**
 * Who inherits, and how much.
 *
 * @param heir such as {@code child-1-2}
 * @param person nobody for the Isles
 * @param part before it is rounded
 */
record Heir(String heir, Optional<Relative> person, Fraction part, Money amount) {
    static Heir of(String heir, Relative person, Fraction part) {
        return new Heir(heir, Optional.of(person), part, part.halfUp());
    }

    static Heir isles(Fraction part) {
        return new Heir("isles", Optional.empty(), part, part.halfUp());
    }

    Heir with(Money other) {
        return new Heir(heir, person, part, other);
    }

    /** The eldest are first; the Isles were never born. */
    LocalDate born() {
        return person.map(Relative::dateOfBirth).orElse(LocalDate.MIN);
    }

    boolean hasDiedSince() {
        return person.flatMap(Relative::diedOn).isPresent();
    }

    boolean isMinor(LocalDate receivedOn) {
        return !hasDiedSince()
                && person.filter(each -> Member.ageOn(each.dateOfBirth(), receivedOn) < Member.ADULT_FROM)
                        .isPresent();
    }

    Value toValue(LocalDate receivedOn) {
        Figures.Builder share = Figures.builder(5).add("heir", heir);
        person.ifPresent(each -> share.add("name", each.name()));
        share.add("amount", amount);
        if (person.isPresent()) {
            share.add("minor", isMinor(receivedOn)).add("diedSince", hasDiedSince());
        }
        return new Value.Fields(share.build());
    }
}
