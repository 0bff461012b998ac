package org.civitane.core.programme;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import org.civitane.core.reasoning.CodePoints;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** Collects what a case file lacks, as the codes of {@code missing}: each once, sorted by code point. */
public final class MissingCodes {
    private SortedSet<String> codes = Collections.emptySortedSet();

    /** Adds a code unless what it stands for is there. */
    public void require(String code, boolean there) {
        if (!there) {
            put(code);
        }
    }

    /** Adds a code with whom it is about, such as {@code income:m2}, unless what it stands for is there. */
    public void require(String code, String of, boolean there) {
        if (!there) {
            put(code + ":" + of);
        }
    }

    private void put(String code) {
        if (codes.isEmpty()) {
            codes = CodePoints.sortedSet();
        }
        codes.add(code);
    }

    /** Adds a code unless a value is given. */
    public void requireGiven(String code, Optional<?> given) {
        require(code, given.isPresent());
    }

    /** Adds a code that was found elsewhere, if there is one. */
    public void add(Optional<String> code) {
        code.ifPresent(this::put);
    }

    /** The codes so far. */
    public Set<String> all() {
        return Collections.unmodifiableSet(codes);
    }

    /** The codes, each taken down as a step. */
    public List<String> told(Reasoning why, Rule rule) {
        if (codes.isEmpty()) {
            return List.of();
        }
        codes.forEach(code -> why.step("missing", Value.of(code), rule, s -> {}));
        return List.copyOf(codes);
    }
}
