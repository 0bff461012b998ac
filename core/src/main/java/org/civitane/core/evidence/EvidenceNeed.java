package org.civitane.core.evidence;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.reasoning.FactPath;

/**
 * A paper that a claim needs before it can be decided.
 *
 * @param kind what kind of paper, in the programme's word
 * @param subject the id of the person it is about; empty for the household
 * @param fact the fact it is to show
 */
public record EvidenceNeed(String kind, Optional<String> subject, FactPath fact) {
    /** A paper about the household as a whole. */
    public static EvidenceNeed ofHousehold(PaperKind kind, String fact) {
        return new EvidenceNeed(kind.code(), Optional.empty(), FactPath.of(fact));
    }

    /** A document that shows who someone is. */
    public static EvidenceNeed ofIdentity(String member) {
        return new EvidenceNeed(PaperKind.IDENTITY.code(), Optional.of(member), FactPath.of("members", member));
    }

    /** Pay slips of everyone who earns, in the order of their first lines. */
    public static List<EvidenceNeed> ofEarners(List<IncomeLine> incomes) {
        Map<String, IncomeLine> first = new LinkedHashMap<>();
        incomes.stream().filter(line -> line.kind().isEarned()).forEach(line -> first.putIfAbsent(line.member(), line));
        return first.values().stream()
                .map(line -> new EvidenceNeed(
                        PaperKind.PAY_SLIPS.code(),
                        Optional.of(line.member()),
                        FactPath.of("incomes", line.id(), "amount")))
                .toList();
    }
}
