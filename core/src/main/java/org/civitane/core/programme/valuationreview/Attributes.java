package org.civitane.core.programme.valuationreview;

import java.util.Arrays;
import java.util.Optional;
import org.civitane.core.casefile.Facts;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.fault.Fault;

/**
 * What a parcel is like; what is not known, or does not apply, is not given.
 *
 * @param floorArea m², above 0
 * @param lotArea m², above 0
 * @param condition 1, poor, to 5, very good
 */
public record Attributes(
        Optional<Integer> floorArea,
        Optional<Integer> lotArea,
        Optional<Integer> yearBuilt,
        Optional<Integer> condition,
        Optional<Integer> bathrooms,
        Optional<Integer> garageSpaces) {
    private static final int BEST_CONDITION = 5;

    /** @throws InvalidFact when an area is not above 0, the condition not 1 to 5, or a number of rooms below 0 */
    public Attributes {
        floorArea.ifPresent(area -> Facts.checkAtLeast(1, area, "/floorArea"));
        lotArea.ifPresent(area -> Facts.checkAtLeast(1, area, "/lotArea"));
        bathrooms.ifPresent(rooms -> Facts.checkAtLeast(0, rooms, "/bathrooms"));
        garageSpaces.ifPresent(spaces -> Facts.checkAtLeast(0, spaces, "/garageSpaces"));
        if (condition.filter(grade -> grade < 1 || grade > BEST_CONDITION).isPresent()) {
            throw new InvalidFact("/condition", Fault.of("condition", BEST_CONDITION));
        }
    }

    Optional<Integer> of(Attribute attribute) {
        return switch (attribute) {
            case FLOOR_AREA -> floorArea;
            case LOT_AREA -> lotArea;
            case YEAR_BUILT -> yearBuilt;
            case CONDITION -> condition;
            case BATHROOMS -> bathrooms;
            case GARAGE_SPACES -> garageSpaces;
        };
    }

    /** The attribute as a number; 0 when it is missing. */
    int numberOf(Attribute attribute) {
        return of(attribute).orElse(0);
    }

    boolean isEmpty() {
        return Arrays.stream(Attribute.values())
                .allMatch(attribute -> of(attribute).isEmpty());
    }

    /** These attributes with those that {@code correct} gives in their place. */
    Attributes correctedBy(Attributes correct) {
        return new Attributes(
                correct.floorArea.or(() -> floorArea),
                correct.lotArea.or(() -> lotArea),
                correct.yearBuilt.or(() -> yearBuilt),
                correct.condition.or(() -> condition),
                correct.bathrooms.or(() -> bathrooms),
                correct.garageSpaces.or(() -> garageSpaces));
    }
}
