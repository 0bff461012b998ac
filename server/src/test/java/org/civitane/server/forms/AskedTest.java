package org.civitane.server.forms;

import static org.assertj.core.api.Assertions.assertThat;

import java.text.Collator;
import java.util.List;
import java.util.Locale;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.FactPath;
import org.testng.annotations.Test;

/** How options are offered. */
public class AskedTest {
    private final Programme<?> certificate = Catalogue.named("conduct-certificate");

    @Test
    public void countriesStandInTheOrderInWhichOneLooksForThem() {
        List<String> labels = labels("country");
        assertThat(labels).hasSizeGreaterThan(100).isSortedAccordingTo(Collator.getInstance(Locale.ENGLISH));
    }

    @Test
    public void whatOneReadsThroughStandsAsItIsTold() {
        assertThat(labels("purpose").getLast())
                .isEqualTo(certificate.wording(Locale.ENGLISH).text("option.purpose.OTHER"));
    }

    private List<String> labels(String path) {
        return Questions.askingFor(certificate, FactPath.of(path)).orElseThrow().options().stream()
                .map(Asked.Option::label)
                .toList();
    }
}
