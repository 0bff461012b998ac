package org.civitane.exchange.casefile;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.stream.Stream;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.exchange.binding.Json;
import org.civitane.exchange.policy.ShippedPolicy;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every example agrees value for value, and field for field in its order. */
public class ExamplesTest {
    @DataProvider
    Iterator<Object[]> examples() throws IOException, URISyntaxException {
        Path folder = Path.of(ExamplesTest.class.getResource("/examples").toURI());
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(file -> file.toString().endsWith(".json")
                            && !file.toString().endsWith(".expected.json"))
                    .sorted()
                    .map(file -> new Object[] {file})
                    .toList()
                    .iterator();
        }
    }

    @Test(dataProvider = "examples")
    public void agrees(Path example) throws IOException {
        Path expected = Path.of(example.toString().replace(".json", ".expected.json"));
        String determined = Determinations.toJson(
                CaseFiles.read(Files.readAllBytes(example)).determine(ShippedPolicy.book(), Reasoning.silent()), false);
        assertThat(determined)
                .isEqualTo(Json.mapper().readTree(Files.readAllBytes(expected)).toString());
    }

    @Test(dataProvider = "examples")
    public void givesTheSameBytesTwiceWithItsWorking(Path example) throws IOException {
        byte[] file = Files.readAllBytes(example);
        String once = Determinations.toJson(
                CaseFiles.read(file).determine(ShippedPolicy.book(), Reasoning.recording()), true);
        String twice = Determinations.toJson(
                CaseFiles.read(file).determine(ShippedPolicy.book(), Reasoning.recording()), true);
        assertThat(once).isEqualTo(twice).contains("\"reasons\":[{\"code\":");
    }
}
