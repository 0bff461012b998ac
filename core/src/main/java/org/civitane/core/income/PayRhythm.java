package org.civitane.core.income;

import java.util.Optional;
import org.civitane.core.amount.Frequency;

/** How often pay slips come. */
public enum PayRhythm {
    WEEKLY(Frequency.WEEKLY),
    FORTNIGHTLY(Frequency.FORTNIGHTLY),
    TWICE_MONTHLY(Frequency.TWICE_MONTHLY),
    MONTHLY(Frequency.MONTHLY),
    /** In no rhythm that a year divides into, or in several. */
    IRREGULAR;

    private final Optional<Frequency> frequency;

    PayRhythm() {
        this.frequency = Optional.empty();
    }

    PayRhythm(Frequency frequency) {
        this.frequency = Optional.of(frequency);
    }

    /** Empty when irregular. */
    Optional<Frequency> frequency() {
        return frequency;
    }
}
