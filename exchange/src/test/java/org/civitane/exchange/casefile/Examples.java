package org.civitane.exchange.casefile;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.civitane.core.programme.Catalogue;

/** The examples that every programme has, and the programmes to go through. */
public final class Examples {
    private static final Path FOLDER = Path.of("src", "test", "resources", "examples");

    private Examples() {}

    /** The case files of a programme, by name; what is expected of each lies beside it. */
    public static List<Path> of(String programme) throws IOException {
        try (Stream<Path> files = Files.list(FOLDER.resolve(programme))) {
            return files.filter(each -> each.toString().endsWith(".json"))
                    .filter(each -> !each.toString().endsWith(".expected.json"))
                    .sorted()
                    .toList();
        }
    }

    /** What stands in them. */
    public static List<byte[]> contents(String programme) throws IOException {
        List<byte[]> contents = new ArrayList<>();
        for (Path file : of(programme)) {
            contents.add(Files.readAllBytes(file));
        }
        return contents;
    }

    /** For tests that go through the catalogue: the id of each programme, and the programme. */
    public static Object[][] programmes() {
        return Catalogue.programmes().stream()
                .map(programme -> new Object[] {programme.id(), programme})
                .toArray(Object[][]::new);
    }
}
