package org.civitane.server.determinations;

import java.util.List;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Step;
import org.civitane.core.reasoning.Wording;

/** One step of the working in words. @param facts the paths it used @param steps the steps it consists of */
public record Sentence(String code, String text, String rule, String policy, List<String> facts, List<Sentence> steps) {
    static Sentence of(Step step, Wording wording) {
        return new Sentence(
                step.code(),
                wording.sentence(step),
                step.rule().toString(),
                step.policy().orElse(""),
                step.facts().stream().map(FactPath::path).toList(),
                step.steps().stream().map(lower -> of(lower, wording)).toList());
    }
}
