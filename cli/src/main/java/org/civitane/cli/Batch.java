package org.civitane.cli;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.civitane.exchange.binding.Input;

/** Documents that are answered together, in one buffer of their own. */
final class Batch {
    private static final int TOO_LONG = -1;

    private final int full;
    private byte[] bytes;
    private int size;
    private final List<Place> places = new ArrayList<>();

    /** @param length {@link #TOO_LONG} when the document was passed over */
    private record Place(long line, int offset, int length) {}

    /** Answers one document. */
    interface Answering {
        void answer(long line, Input document);

        void refuseTooLong(long line);
    }

    /** @param full the size in bytes from which no more is taken */
    Batch(int full) {
        this.full = full;
        this.bytes = new byte[full];
    }

    void add(long line, byte[] json, int length) {
        if (length < 0) {
            places.add(new Place(line, size, TOO_LONG));
            return;
        }
        if (size + length > bytes.length) {
            bytes = Arrays.copyOf(bytes, size + length);
        }
        System.arraycopy(json, 0, bytes, size, length);
        places.add(new Place(line, size, length));
        size += length;
    }

    boolean isFull() {
        return size >= full;
    }

    boolean isEmpty() {
        return places.isEmpty();
    }

    void forEach(Answering answering) {
        for (Place place : places) {
            if (place.length() == TOO_LONG) {
                answering.refuseTooLong(place.line());
            } else {
                answering.answer(place.line(), new Input(bytes, place.offset(), place.length()));
            }
        }
    }
}
