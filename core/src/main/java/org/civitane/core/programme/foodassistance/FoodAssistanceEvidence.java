package org.civitane.core.programme.foodassistance;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.Expense;
import org.civitane.core.casefile.ExpenseKind;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.reasoning.Value;

/** Which papers the facts and the figures worked out from them call for (chapter, Evidence). */
final class FoodAssistanceEvidence {
    private FoodAssistanceEvidence() {}

    /** @param figures those of the determination; while something is missing they are not there, and ask for nothing */
    static List<EvidenceNeed> of(FoodAssistanceCase file, Map<String, Value> figures) {
        List<EvidenceNeed> needs = new ArrayList<>();
        needs.add(EvidenceNeed.ofIdentity(file.applicant().id()));
        needs.addAll(EvidenceNeed.ofEarners(file.incomes()));
        if (claimsHousing(file)) {
            needs.add(EvidenceNeed.ofHousehold(PaperKind.HOUSING_COSTS, "expenses"));
        }
        Money liquid = amount(figures, "liquid");
        if (liquid.times(2).over(amount(figures, "resourceLimit"))) {
            needs.add(EvidenceNeed.ofHousehold(PaperKind.BANK_STATEMENT, "resources"));
        }
        if (amount(figures, "medical").isPositive()) {
            needs.add(EvidenceNeed.ofHousehold(PaperKind.MEDICAL_COSTS, "expenses"));
        }
        if (amount(figures, "dependantCare").isPositive()) {
            needs.add(EvidenceNeed.ofHousehold(PaperKind.CARE_RECEIPTS, "expenses"));
        }
        return List.copyOf(needs);
    }

    private static boolean claimsHousing(FoodAssistanceCase file) {
        return file.expenses().orElse(List.of()).stream()
                .map(Expense::kind)
                .anyMatch(kind -> kind == ExpenseKind.RENT || kind == ExpenseKind.MORTGAGE);
    }

    private static Money amount(Map<String, Value> figures, String name) {
        return figures.get(name) instanceof Value.Amount amount ? amount.money() : Money.ZERO;
    }
}
