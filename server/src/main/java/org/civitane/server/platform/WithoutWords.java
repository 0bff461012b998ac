package org.civitane.server.platform;

import java.sql.SQLException;

/**
 * A failure as the log may have it: what failed and where, without what its message says, since that can be whatever
 * somebody sent. Of the database its code stays.
 */
public final class WithoutWords extends Throwable {
    private static final int DEEPEST = 8;

    private WithoutWords(String name, Throwable cause, StackTraceElement[] where) {
        super(name, cause, false, true);
        setStackTrace(where);
    }

    /** The same failure, with its causes. */
    public static Throwable of(Throwable failure) {
        return of(failure, 0);
    }

    private static WithoutWords of(Throwable failure, int depth) {
        Throwable cause = failure.getCause();
        String code = failure instanceof SQLException sql && sql.getSQLState() != null ? " " + sql.getSQLState() : "";
        return new WithoutWords(
                failure.getClass().getName() + code,
                cause == null || depth >= DEEPEST ? null : of(cause, depth + 1),
                failure.getStackTrace());
    }

    @Override
    public String toString() {
        return getMessage();
    }
}
