package org.civitane.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import tools.jackson.core.JsonParser;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.json.JsonMapper;

/** What the command line is measured against: reading lines and parsing them with Jackson, and nothing else. */
public final class ParseAlone {
    private ParseAlone() {}

    /** Arguments: {@code tokens} or {@code tree}, and a file of lines. */
    public static void main(String[] arguments) throws IOException {
        boolean tokens = arguments[0].equals("tokens");
        JsonFactory factory = new JsonFactory();
        JsonMapper mapper = JsonMapper.builder(factory).build();
        long begin = System.nanoTime();
        long seen = 0;
        try (BufferedReader lines = Files.newBufferedReader(Path.of(arguments[1]))) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                byte[] json = line.getBytes(StandardCharsets.UTF_8);
                seen += tokens
                        ? countTokens(factory, json)
                        : mapper.readTree(json).size();
            }
        }
        System.out.printf("%s: %.2f s (%d seen)%n", arguments[0], (System.nanoTime() - begin) / 1e9, seen);
    }

    private static long countTokens(JsonFactory factory, byte[] json) {
        long seen = 0;
        try (JsonParser parser = factory.createParser(ObjectReadContext.empty(), json)) {
            while (parser.nextToken() != null) {
                if (parser.currentToken().isScalarValue()) {
                    seen += parser.getString().length();
                }
            }
        }
        return seen;
    }
}
