package org.civitane.server.determinations;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What differs between the workings of two runs, step by step, in the order of the second. */
public final class Differences {
    private Differences() {}

    /** One step that reads otherwise. @param before empty when the step is new @param now empty when it is gone */
    public record Difference(String before, String now) {}

    /** Steps are the same step when they have the same code, and come as the same one of that code. */
    public static List<Difference> between(Run before, Run now) {
        Map<String, String> then = byStep(before.working());
        Map<String, String> today = byStep(now.working());
        List<Difference> differences = new ArrayList<>();
        today.forEach((step, text) -> {
            String old = then.getOrDefault(step, "");
            if (!old.equals(text)) {
                differences.add(new Difference(old, text));
            }
        });
        then.forEach((step, text) -> {
            if (!today.containsKey(step)) {
                differences.add(new Difference(text, ""));
            }
        });
        return List.copyOf(differences);
    }

    private static Map<String, String> byStep(List<Sentence> working) {
        Map<String, String> texts = new LinkedHashMap<>();
        collect(working, texts, new HashMap<>());
        return texts;
    }

    private static void collect(List<Sentence> working, Map<String, String> texts, Map<String, Integer> count) {
        for (Sentence sentence : working) {
            int which = count.merge(sentence.code(), 1, Integer::sum);
            texts.put(sentence.code() + " " + which, sentence.text());
            collect(sentence.steps(), texts, count);
        }
    }
}
