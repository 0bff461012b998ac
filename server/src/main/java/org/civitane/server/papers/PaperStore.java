package org.civitane.server.papers;

import java.io.InputStream;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;

/** Keeps files under the SHA-256 of their contents: the same file twice is one file. */
public interface PaperStore {
    /**
     * Keeps contents made here; when this returns, they are on the disk.
     *
     * @return their SHA-256 in lower-case hexadecimal
     */
    String put(byte[] contents);

    /** @throws org.civitane.server.platform.Problem when there is no such file */
    byte[] get(String digest);

    /**
     * The file itself, for reading.
     *
     * @throws org.civitane.server.platform.Problem when there is no such file
     */
    Path file(String digest);

    /** Removes a file that nothing names; no fault when there is none. */
    void remove(String digest);

    /** The digests of all files that were put in, or put in again, longer ago than that. */
    List<String> olderThan(Duration age);

    /** Drops what began to arrive longer ago than that and never arrived whole. @return how many files */
    int dropArrivals(Duration age);

    /** Says in the log when there is little room left. */
    void watchRoom();

    /**
     * Takes in a file that is not trusted yet, piece by piece, so that its size costs no memory. It is kept only by
     * {@link Arrival#keep}; closed without it, nothing of it is left.
     *
     * @param most the most bytes that are taken
     * @param reserve the bytes that must stay free behind it
     * @throws org.civitane.server.platform.Problem when there are more, or there is no room for them
     */
    Arrival receive(InputStream contents, long most, long reserve);

    /** A file that has arrived whole but is not kept yet. */
    interface Arrival extends AutoCloseable {
        Path file();

        long bytes();

        /** Its SHA-256 in lower-case hexadecimal. */
        String digest();

        /** Keeps it. @return its SHA-256 in lower-case hexadecimal */
        String keep();

        @Override
        void close();
    }
}
