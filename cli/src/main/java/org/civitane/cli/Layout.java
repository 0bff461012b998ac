package org.civitane.cli;

/** Counts the brackets of a text, outside its strings, over several lines. */
final class Layout {
    private int open;
    private boolean inString;

    /** Reads one more line; whether something is open at its end. */
    boolean opensMoreThanItCloses(byte[] line, int length) {
        for (int i = 0; i < length; i++) {
            switch (line[i]) {
                case '"' -> inString = !inString;
                case '\\' -> i += inString ? 1 : 0;
                case '{', '[' -> open += inString ? 0 : 1;
                case '}', ']' -> open -= inString ? 0 : 1;
                default -> {}
            }
        }
        return open > 0;
    }

    boolean isOpen() {
        return open > 0;
    }

    /**
     * Whether a line looks like the start of a new case file, not like part of the open one: it opens an object in
     * its first column and closes it on the same line.
     */
    boolean startsAnew(byte[] line, int length) {
        return length > 0 && line[0] == '{' && !new Layout().opensMoreThanItCloses(line, length);
    }
}
