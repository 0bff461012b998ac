package org.civitane.core.materiality;

import java.util.List;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.MayBeNegative;

/**
 * An income line, and the values it could turn out to have.
 *
 * @param line the line's id
 */
public record Candidate(String line, List<LineValue> values) {
    public Candidate {
        values = List.copyOf(values);
    }

    /** One of them; it takes the place of the line's amount and frequency. */
    public record LineValue(@MayBeNegative Money amount, Frequency frequency) {}
}
