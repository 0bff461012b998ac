package org.civitane.cli;

import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;

/** Reads lines of bytes from a stream, in one buffer that grows up to a limit; longer lines are passed over. */
final class Lines {
    private final InputStream in;
    private final int longest;
    private final byte[] chunk = new byte[1 << 16];
    private int chunkAt;
    private int chunkEnd;
    private byte[] line = new byte[1 << 12];
    private int length;
    private long number;
    private boolean tooLong;

    Lines(InputStream in, int longest) {
        this.in = in;
        this.longest = longest;
    }

    /** Goes on to the next line; false at the end of the stream. */
    boolean next() throws IOException {
        length = 0;
        tooLong = false;
        if (chunkAt == chunkEnd && !fill()) {
            return false;
        }
        number++;
        do {
            int end = chunkAt;
            while (end < chunkEnd && chunk[end] != '\n') {
                end++;
            }
            append(end);
            boolean complete = end < chunkEnd;
            chunkAt = complete ? end + 1 : end;
            if (complete) {
                return true;
            }
        } while (fill());
        return true;
    }

    /** The line from 0 to {@link #length()}; valid until the next call of {@link #next()}. */
    byte[] bytes() {
        return line;
    }

    int length() {
        return length;
    }

    /** From 1. */
    long number() {
        return number;
    }

    boolean isTooLong() {
        return tooLong;
    }

    boolean isBlank() {
        for (int i = 0; i < length; i++) {
            if (line[i] > ' ' || line[i] < 0) {
                return false;
            }
        }
        return !tooLong;
    }

    private boolean fill() throws IOException {
        chunkAt = 0;
        chunkEnd = Math.max(0, in.read(chunk));
        return chunkEnd > 0;
    }

    private void append(int end) {
        int more = end - chunkAt;
        if (tooLong || length + more > longest) {
            tooLong = true;
            length = 0;
            return;
        }
        if (length + more > line.length) {
            line = Arrays.copyOf(line, Math.min(longest, Math.max(line.length * 2, length + more)));
        }
        System.arraycopy(chunk, chunkAt, line, length, more);
        length += more;
    }
}
