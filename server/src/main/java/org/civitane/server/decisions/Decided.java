package org.civitane.server.decisions;

import java.util.UUID;
import org.civitane.core.programme.Determination;

/**
 * A claim was decided, or paid at once, in this transaction.
 *
 * @param run the kept determination it rests on
 */
public record Decided(UUID claim, UUID run, Decision.Kind kind, Determination determination) {}
