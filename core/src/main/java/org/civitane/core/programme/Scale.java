package org.civitane.core.programme;

import java.util.List;

/**
 * A figure and the limits it is held against, for drawing.
 *
 * @param figure the name of the figure in a determination
 * @param limits the names of the limits, from the lowest up
 */
public record Scale(String figure, List<String> limits) {
    public Scale {
        limits = List.copyOf(limits);
    }
}
