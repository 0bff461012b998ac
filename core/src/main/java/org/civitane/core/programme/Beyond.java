package org.civitane.core.programme;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.reasoning.Value;

/**
 * Hours told for a week that nobody certified.
 *
 * @param told the hours of the week, as results carry hours
 * @param certified the hours that are certified for any week; empty where only the days are
 * @param days on which nothing is certified at all, in order
 */
public record Beyond(Value told, Optional<Value> certified, List<LocalDate> days) {
    public Beyond {
        days = List.copyOf(days);
    }
}
