package org.civitane.core.reasoning;

/**
 * The address of one fact of a claim, such as {@code incomes/i1/amount}. Lines and people stand under their ids, so
 * that a path stays right when lines are added or removed.
 *
 * @param path the parts joined by slashes, without one in front
 */
public record FactPath(String path) implements Comparable<FactPath> {
    /** {@code of("incomes", "i1", "amount")} is {@code incomes/i1/amount}. */
    public static FactPath of(String... parts) {
        return new FactPath(
                switch (parts.length) {
                    case 1 -> parts[0];
                    case 3 -> parts[0] + "/" + parts[1] + "/" + parts[2];
                    default -> String.join("/", parts);
                });
    }

    /** Whether {@code other} is this fact or part of it. */
    public boolean covers(FactPath other) {
        return other.path.equals(path) || other.path.startsWith(path + "/");
    }

    @Override
    public int compareTo(FactPath other) {
        return path.compareTo(other.path);
    }

    @Override
    public String toString() {
        return path;
    }
}
