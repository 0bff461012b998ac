package org.civitane.cli;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** One document laid out over several lines, while it is being collected. */
final class Spread {
    private final int longest;
    private final ByteArrayOutputStream joined = new ByteArrayOutputStream();
    private final List<Integer> ends = new ArrayList<>();

    Spread(int longest) {
        this.longest = longest;
    }

    void add(Lines lines) {
        joined.write(lines.bytes(), 0, lines.length());
        joined.write('\n');
        ends.add(joined.size());
    }

    boolean fits() {
        return joined.size() < longest;
    }

    byte[] bytes() {
        return joined.toByteArray();
    }

    int length() {
        return joined.size();
    }

    /** It was no document after all: hands over its lines one by one. */
    void takeEach(long firstLine, Documents.Taker taker) throws IOException {
        byte[] all = bytes();
        int from = 0;
        for (int i = 0; i < ends.size(); i++) {
            byte[] line = Arrays.copyOfRange(all, from, ends.get(i) - 1);
            if (!new String(line, java.nio.charset.StandardCharsets.UTF_8).isBlank()) {
                taker.take(firstLine + i, line, line.length);
            }
            from = ends.get(i);
        }
    }
}
