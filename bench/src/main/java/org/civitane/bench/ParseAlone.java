package org.civitane.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import tools.jackson.core.JsonParser;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.json.JsonFactory;

/** What the command line is measured against: reading lines and parsing them with Jackson, and nothing else. */
public final class ParseAlone {
    private static final JsonFactory FACTORY = new JsonFactory();

    private ParseAlone() {}

    /** Arguments: {@code one} or {@code all}, for the cores it uses, and a file of lines. */
    public static void main(String[] arguments) throws IOException {
        boolean all = arguments[0].equals("all");
        long begin = System.nanoTime();
        try (Stream<String> lines = Files.lines(Path.of(arguments[1]))) {
            long seen = (all ? lines.parallel() : lines)
                    .mapToLong(ParseAlone::countLetters)
                    .sum();
            System.out.printf(
                    "parsing alone, %s: %.2f s (%d letters seen)%n",
                    all ? "on all cores" : "on one core", (System.nanoTime() - begin) / 1e9, seen);
        }
    }

    private static long countLetters(String line) {
        long seen = 0;
        try (JsonParser parser =
                FACTORY.createParser(ObjectReadContext.empty(), line.getBytes(StandardCharsets.UTF_8))) {
            while (parser.nextToken() != null) {
                if (parser.currentToken().isScalarValue()) {
                    seen += parser.getString().length();
                }
            }
        }
        return seen;
    }
}
