package org.civitane.core.programme;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Step;
import org.civitane.core.reasoning.Value;

/**
 * What a determination says (rulebook 0.8). A pure function of a case file and the policy tables.
 *
 * @param policy the table versions used, in the order in which the programme names its tables
 * @param outcomes one per subject, people in the order of the members
 * @param figures every intermediate figure the chapter names, in its order
 * @param missing codes, sorted by code point
 * @param reasons the working; empty when it was not recorded
 */
public record Determination(
        String programme,
        LocalDate receivedOn,
        List<PolicyVersion> policy,
        Status status,
        List<Outcome> outcomes,
        Map<String, Value> figures,
        List<String> missing,
        LocalDate dueBy,
        List<Step> reasons) {
    public Determination {
        policy = List.copyOf(policy);
        outcomes = List.copyOf(outcomes);
        figures = Figures.copyOf(figures);
        missing = List.copyOf(missing);
        reasons = List.copyOf(reasons);
    }
}
