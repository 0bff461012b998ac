package org.civitane.core.reasoning;

/**
 * Where in the rulebook a step rests.
 *
 * @param chapter the chapter, such as {@code school-meals}, or {@code common}
 * @param paragraph the paragraph's name or number in it
 */
public record Rule(String chapter, String paragraph) {
    @Override
    public String toString() {
        return chapter + " " + paragraph;
    }
}
