package org.civitane.server.determinations;

import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.server.platform.Phrase;

/**
 * What hangs on a fact whose views differ.
 *
 * @param outcomes the different outcomes, in the order of the values tried
 * @param least the least total amount among them; empty when none carries one
 * @param greatest likewise
 * @param together it matters only together with another fact that is open as well
 */
public record Impact(
        Kind kind, List<Phrase> outcomes, Optional<Money> least, Optional<Money> greatest, boolean together) {
    /** What could change. */
    public enum Kind {
        /** The outcome is the same whichever value counts. */
        NOTHING,
        /** The same answer, of another amount. */
        AMOUNT,
        /** Another answer. */
        ANSWER
    }
}
