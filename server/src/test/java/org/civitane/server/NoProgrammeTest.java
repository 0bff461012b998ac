package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Programme;
import org.testng.annotations.Test;

/** Neither server nor front end names a programme, a result or a field of one, or a kind of paper. */
public class NoProgrammeTest {
    private static final List<Path> SOURCES = List.of(Path.of("src", "main", "java"), Path.of("..", "web", "src"));

    /** The demo tells invented stories of programmes; the front end's words may name what the server sends. */
    private static final Pattern ASIDE = Pattern.compile(".*(/demo/|/standins/|\\.test\\.|schema\\.d\\.ts).*");

    /** Words that mean something else here than the field or result of that name. */
    private static final Set<String> COMMON = Set.of(
            "incomes",
            "noIncomeDeclared",
            "reason",
            "identity",
            "issuedOn",
            "purpose",
            "letter",
            "photo",
            "end",
            "REFERRED",
            "SENT_BACK",
            "IDENTITY",
            "kind",
            "email",
            "contact",
            "papers",
            "known",
            "employer",
            "documents",
            "role",
            "months",
            "since",
            "before",
            "working",
            "register",
            "place",
            "period",
            "detail",
            "decision",
            "certificate",
            "addresses");

    @Test
    public void noSourceNamesWhatAProgrammeTells() throws IOException {
        Set<String> told = told();
        assertThat(told).contains("school-meals", "linkedBenefit", "PAY_SLIPS", "REDUCED", "landlord");
        Pattern named = Pattern.compile("[\"'`](" + String.join("|", told) + ")[\"'`/]");
        List<String> found = new ArrayList<>();
        for (Path source : sources()) {
            named.matcher(Files.readString(source))
                    .results()
                    .forEach(hit -> found.add(source.getFileName() + " names " + hit.group(1)));
        }
        assertThat(found).isEmpty();
    }

    private static Set<String> told() {
        Set<String> told = new TreeSet<>();
        Set<String> everywhere = Catalogue.programmes().stream()
                .map(programme -> names(programme.facts()))
                .reduce((left, right) -> left.stream().filter(right::contains).collect(Collectors.toSet()))
                .orElseThrow();
        for (Programme<?> programme : Catalogue.programmes()) {
            told.add(programme.id());
            programme.papers().stream().map(PaperKind::code).forEach(told::add);
            programme.findings().keySet().forEach(told::add);
            told.addAll(names(programme.facts()));
        }
        told.removeAll(everywhere);
        told.removeAll(COMMON);
        return told;
    }

    private static Set<String> names(List<FactSpec> facts) {
        return facts.stream().map(FactSpec::name).collect(Collectors.toSet());
    }

    private static List<Path> sources() throws IOException {
        List<Path> sources = new ArrayList<>();
        for (Path root : SOURCES) {
            try (Stream<Path> files = Files.walk(root)) {
                files.filter(each -> each.toString().matches(".*\\.(java|ts|tsx)"))
                        .filter(each -> !ASIDE.matcher(each.toString()).matches())
                        .forEach(sources::add);
            }
        }
        return sources;
    }
}
