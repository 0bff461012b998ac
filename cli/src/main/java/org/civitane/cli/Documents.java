package org.civitane.cli;

import java.io.IOException;
import java.io.InputStream;

/**
 * Takes an input apart into JSON documents: lines, or the whole input when it is one document laid out over several
 * lines. Holds no more than one document at a time.
 */
final class Documents {
    /** The longest document taken, in bytes. */
    static final int LONGEST = 4 * 1024 * 1024;

    private Documents() {}

    /** Takes one document. */
    @FunctionalInterface
    interface Taker {
        /**
         * @param line the line, from 1, on which it begins
         * @param json holds it from 0; valid only during the call
         * @param length its length in bytes, or -1 when it is longer than {@link #LONGEST} and was passed over
         */
        void take(long line, byte[] json, int length) throws IOException;
    }

    static void read(InputStream in, Taker taker) throws IOException {
        Lines lines = new Lines(in, LONGEST);
        Layout first = new Layout();
        while (lines.next()) {
            if (lines.isBlank()) {
                continue;
            }
            if (!lines.isTooLong() && first.opensMoreThanItCloses(lines.bytes(), lines.length())) {
                readSpread(lines, first, taker);
            } else {
                take(lines, taker);
            }
            while (lines.next()) {
                if (!lines.isBlank()) {
                    take(lines, taker);
                }
            }
        }
    }

    /** The first line leaves something open: joins lines until it is closed, or gives up and takes them one by one. */
    private static void readSpread(Lines lines, Layout layout, Taker taker) throws IOException {
        Spread spread = new Spread(LONGEST);
        long begin = lines.number();
        spread.add(lines);
        while (layout.isOpen() && spread.fits() && lines.next()) {
            if (lines.isTooLong() || layout.startsAnew(lines.bytes(), lines.length())) {
                spread.takeEach(begin, taker);
                take(lines, taker);
                return;
            }
            layout.opensMoreThanItCloses(lines.bytes(), lines.length());
            spread.add(lines);
        }
        if (layout.isOpen()) {
            spread.takeEach(begin, taker);
        } else {
            taker.take(begin, spread.bytes(), spread.length());
        }
    }

    private static void take(Lines lines, Taker taker) throws IOException {
        taker.take(lines.number(), lines.bytes(), lines.isTooLong() ? -1 : lines.length());
    }
}
