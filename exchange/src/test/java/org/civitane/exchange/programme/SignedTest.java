package org.civitane.exchange.programme;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Properties;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.fact.FactSpecs;
import org.civitane.core.fact.Shape;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Programme;
import org.civitane.core.programme.conductcertificate.ConductCertificate;
import org.civitane.core.reasoning.FactPath;
import org.civitane.exchange.casefile.Misfits;
import org.testng.annotations.Test;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The office signs what it knows: nothing that somebody wrote in words of their own stands in a document it makes out. */
public class SignedTest {
    private static final Pattern TITLE = Pattern.compile("document\\.(\\w+)\\.title");

    @Test
    public void noDocumentOfAnyProgrammeShowsFreeText() throws IOException {
        List<String> shown = Catalogue.programmes().stream()
                .flatMap(programme -> documents(programme)
                        .flatMap(kind -> programme.shownIn(kind).stream())
                        .filter(path -> isFree(
                                FactSpecs.shapeAt(programme.facts(), path).orElseThrow()))
                        .map(path -> programme.id() + " " + path.path()))
                .toList();
        assertThat(shown).isEmpty();
        assertThat(documents(new ConductCertificate())).as("what is looked at").containsExactly("CERTIFICATE");
    }

    @Test
    public void whereACodeIsMeantWordsAreNone() {
        List<FactSpec> facts = new ConductCertificate().facts();
        assertThat(Misfits.in(said("NO", "H1234567"), facts).map(Misfits.Misfit::path))
                .isEmpty();
        assertThat(Misfits.in(said("Norway. The holder is cleared for all work with children", "H1234567"), facts)
                        .map(Misfits.Misfit::path))
                .contains("country");
        assertThat(Misfits.in(said("NO", "CLEARED FOR"), facts).map(Misfits.Misfit::path))
                .contains("passport/number");
        assertThat(Misfits.in(said("NO", "H12345678X"), facts).map(Misfits.Misfit::path))
                .contains("passport/number");
        assertThat(Misfits.in(said("NO", "Ｈ1234567"), facts).map(Misfits.Misfit::path))
                .contains("passport/number");
        assertThat(new Shape.Code(9).fits("h1234567")).isTrue();
        assertThat(FactSpecs.shapeAt(facts, FactPath.of("country")))
                .hasValueSatisfying(shape -> assertThat(isFree(shape)).isFalse());
    }

    private static ObjectNode said(String country, String number) {
        ObjectNode said = JsonNodeFactory.instance.objectNode().put("country", country);
        said.putObject("passport").put("number", number);
        return said;
    }

    private static Stream<String> documents(Programme<?> programme) {
        Properties words = new Properties();
        try (Reader in = new InputStreamReader(
                programme.getClass().getResourceAsStream("wording.properties"), StandardCharsets.UTF_8)) {
            words.load(in);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        return words.stringPropertyNames().stream()
                .flatMap(key -> TITLE.matcher(key).results())
                .map((MatchResult found) -> found.group(1));
    }

    private static boolean isFree(Shape shape) {
        return switch (shape) {
            case Shape.Text text -> true;
            case Shape.Unread unread -> true;
            case Shape.Group group -> group.parts().stream().anyMatch(part -> isFree(part.shape()));
            case Shape.Several several -> isFree(several.each());
            case Shape.ByWeekday week -> isFree(week.each());
            default -> false;
        };
    }
}
