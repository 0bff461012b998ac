package org.civitane.core.programme.foodassistance;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.Expense;
import org.civitane.core.casefile.ExpenseKind;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Value;

/** Which papers the facts and the figures worked out from them call for (chapter, Evidence). */
final class FoodAssistanceEvidence {
    private FoodAssistanceEvidence() {}

    /** @param figures those of the determination; while something is missing they are not there, and ask for nothing */
    static List<EvidenceNeed> of(FoodAssistanceCase file, Map<String, Value> figures) {
        List<EvidenceNeed> needs = new ArrayList<>();
        String applicant = file.applicant().id();
        needs.add(
                new EvidenceNeed(PaperKind.IDENTITY.code(), Optional.of(applicant), FactPath.of("members", applicant)));
        Set<String> earners = new LinkedHashSet<>();
        for (IncomeLine line : file.incomes()) {
            if (line.kind().isEarned() && earners.add(line.member())) {
                needs.add(new EvidenceNeed(
                        PaperKind.PAY_SLIPS.code(),
                        Optional.of(line.member()),
                        FactPath.of("incomes", line.id(), "amount")));
            }
        }
        if (claimsHousing(file)) {
            needs.add(ofHousehold(PaperKind.HOUSING_COSTS.code(), "expenses"));
        }
        Money liquid = amount(figures, "liquid");
        if (liquid.times(2).over(amount(figures, "resourceLimit"))) {
            needs.add(ofHousehold(PaperKind.BANK_STATEMENT.code(), "resources"));
        }
        if (amount(figures, "medical").isPositive()) {
            needs.add(ofHousehold(PaperKind.MEDICAL_COSTS.code(), "expenses"));
        }
        if (amount(figures, "dependantCare").isPositive()) {
            needs.add(ofHousehold(PaperKind.CARE_RECEIPTS.code(), "expenses"));
        }
        return List.copyOf(needs);
    }

    private static boolean claimsHousing(FoodAssistanceCase file) {
        return file.expenses().orElse(List.of()).stream()
                .map(Expense::kind)
                .anyMatch(kind -> kind == ExpenseKind.RENT || kind == ExpenseKind.MORTGAGE);
    }

    private static EvidenceNeed ofHousehold(String kind, String fact) {
        return new EvidenceNeed(kind, Optional.empty(), FactPath.of(fact));
    }

    private static Money amount(Map<String, Value> figures, String name) {
        return figures.get(name) instanceof Value.Amount amount ? amount.money() : Money.ZERO;
    }
}
