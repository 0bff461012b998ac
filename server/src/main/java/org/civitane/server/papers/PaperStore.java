package org.civitane.server.papers;

/** Keeps files under the SHA-256 of their contents: the same file twice is one file. */
public interface PaperStore {
    /**
     * Keeps a file; when this returns, it is on the disk.
     *
     * @return its SHA-256 in lower-case hexadecimal
     */
    String put(byte[] contents);

    /** @throws org.civitane.server.platform.Problem when there is no such file */
    byte[] get(String digest);
}
