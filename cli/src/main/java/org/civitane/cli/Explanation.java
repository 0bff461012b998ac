package org.civitane.cli;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.civitane.core.programme.Determination;
import org.civitane.core.reasoning.Step;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.casefile.CaseFiles;

/** The working as indented sentences, for a person at a terminal. */
final class Explanation {
    private Explanation() {}

    static String of(Determination determination, CaseFiles.Read<?> read, Locale locale) {
        Wording wording = read.programme().wording(locale);
        Map<String, String> names = read.file().members().stream()
                .collect(java.util.stream.Collectors.toMap(
                        member -> member.id(), member -> member.name().full()));
        StringBuilder out = new StringBuilder(wording.text("name"))
                .append(", ")
                .append(determination.status())
                .append('\n');
        append(out, determination.reasons(), wording.naming(names), "  ");
        return out.toString();
    }

    private static void append(StringBuilder out, List<Step> steps, Wording wording, String indent) {
        for (Step step : steps) {
            out.append(indent).append(wording.sentence(step)).append("  [").append(step.rule());
            step.policy().ifPresent(policy -> out.append("; ").append(policy));
            out.append("]\n");
            append(out, step.steps(), wording, indent + "  ");
        }
    }
}
