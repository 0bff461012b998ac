package org.civitane.server.desk;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.civitane.core.reasoning.FactPath;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.exchange.casefile.CasePaths;
import org.civitane.exchange.casefile.FactNames;
import org.civitane.server.claims.Claims;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.determinations.Differences;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What if a fact were another, and what changed since an earlier edition: determined on trial, nothing is kept. */
@Component
@Transactional(readOnly = true)
class Trials {
    private final Claims claims;
    private final Determinations determinations;
    private final Outcomes outcomes;

    Trials(Claims claims, Determinations determinations, Outcomes outcomes) {
        this.claims = claims;
        this.determinations = determinations;
        this.outcomes = outcomes;
    }

    /** An outcome on trial beside the one as it stands, with the steps that read otherwise. */
    record Trial(Desk.Result now, Desk.Result then, List<Differences.Difference> steps) {}

    /**
     * One fact that changed, in words.
     *
     * @param label what it is, and whose
     * @param decides whether the outcome is another by this change alone
     */
    record Changed(String path, String label, String before, String now, boolean decides) {}

    /** Two runs side by side. */
    record Compared(
            int edition,
            Desk.Result before,
            Desk.Result now,
            List<Changed> facts,
            List<Differences.Difference> steps) {}

    /** @throws Problem at a value that the case cannot take */
    Trial whatIf(Dossier dossier, Map<FactPath, JsonNode> values) {
        Run now = dossier.run();
        ObjectNode file = dossier.settled().copy();
        try {
            values.forEach((path, value) -> CasePaths.set(file, path, value));
            Run then = run(file);
            return new Trial(outcomes.of(now), outcomes.of(then), Differences.between(now, then));
        } catch (BadInput e) {
            throw Problem.invalid(e.pointer(), Phrase.of(e.fault()));
        } catch (IllegalArgumentException | ClassCastException e) {
            throw Problem.invalid("", Phrase.of("problem.no-such-fact"));
        }
    }

    /** An earlier edition as it was said against the claim as it stands. */
    Compared compare(Dossier dossier, int edition) {
        ObjectNode before = JsonColumn.readObject(claims.edition(dossier.claim(), edition));
        JsonNode now = dossier.settled().json();
        Run then = run(before);
        Run today = dossier.run();
        Map<String, JsonNode> old = leaves(before);
        Map<String, JsonNode> fresh = leaves(now);
        FactNames names = new FactNames(today.programme().facts(), today.wording(), now);
        List<Changed> facts = new ArrayList<>();
        fresh.forEach((path, value) -> {
            JsonNode was = old.get(path);
            if (!value.equals(was)) {
                facts.add(new Changed(
                        path,
                        names.label(path),
                        was == null ? "" : names.words(path, was),
                        names.words(path, value),
                        decides(before, path, value, then)));
            }
        });
        return new Compared(edition, outcomes.of(then), outcomes.of(today), facts, Differences.between(then, today));
    }

    private boolean decides(ObjectNode before, String path, JsonNode value, Run then) {
        ObjectNode trial = before.deepCopy();
        try {
            CasePaths.set(trial, new FactPath(path), value);
            return !run(trial)
                    .determination()
                    .outcomes()
                    .equals(then.determination().outcomes());
        } catch (BadInput | IllegalArgumentException | ClassCastException e) {
            return false;
        }
    }

    private Run run(ObjectNode file) {
        return determinations.run(CaseFiles.read(JsonColumn.bytes(file)));
    }

    /** Every fact by its path: elements with ids one by one, lists without ids as a whole. */
    private static Map<String, JsonNode> leaves(JsonNode file) {
        Map<String, JsonNode> leaves = new LinkedHashMap<>();
        file.properties().forEach(entry -> collect(entry.getKey(), entry.getValue(), leaves));
        return leaves;
    }

    private static void collect(String path, JsonNode value, Map<String, JsonNode> leaves) {
        boolean hasIds =
                value.isArray() && !value.isEmpty() && value.valueStream().allMatch(element -> element.has("id"));
        if (hasIds) {
            value.valueStream()
                    .forEach(element -> collect(path + "/" + element.path("id").asString(), element, leaves));
        } else if (value.isObject()) {
            value.properties().forEach(entry -> collect(path + "/" + entry.getKey(), entry.getValue(), leaves));
        } else {
            leaves.put(path, value);
        }
    }
}
