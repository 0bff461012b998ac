package org.civitane.core.reasoning;

import java.util.Comparator;
import java.util.SortedSet;
import java.util.TreeSet;

/** The order in which the rulebook sorts texts: by code point, whatever the language. */
public final class CodePoints {
    /** Differs from {@link String#compareTo} only beyond the basic plane. */
    public static final Comparator<String> ORDER = CodePoints::compare;

    private CodePoints() {}

    /** An empty set that keeps texts in this order. */
    public static SortedSet<String> sortedSet() {
        return new TreeSet<>(ORDER);
    }

    private static int compare(String one, String other) {
        int shorter = Math.min(one.length(), other.length());
        for (int i = 0; i < shorter; i++) {
            char left = one.charAt(i);
            char right = other.charAt(i);
            if (left != right) {
                boolean bothBeyond = Character.isSurrogate(left) == Character.isSurrogate(right);
                return bothBeyond ? left - right : Character.isSurrogate(left) ? 1 : -1;
            }
        }
        return one.length() - other.length();
    }
}
