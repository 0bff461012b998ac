package org.civitane.core.programme.foodassistance;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.casefile.Expense;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.reasoning.FactPath;

/** Which papers the claimed facts call for (chapter, Evidence). */
final class FoodAssistanceEvidence {
    private FoodAssistanceEvidence() {}

    static List<EvidenceNeed> of(FoodAssistanceCase file) {
        List<EvidenceNeed> needs = new ArrayList<>();
        String applicant = file.applicant().id();
        needs.add(new EvidenceNeed("IDENTITY", Optional.of(applicant), FactPath.of("members", applicant)));
        Set<String> earners = new LinkedHashSet<>();
        for (IncomeLine line : file.incomes()) {
            if (line.kind().isEarned() && earners.add(line.member())) {
                needs.add(new EvidenceNeed(
                        "PAY_SLIPS", Optional.of(line.member()), FactPath.of("incomes", line.id(), "amount")));
            }
        }
        Set<String> kinds = new LinkedHashSet<>();
        for (Expense expense : file.expenses().orElse(List.of())) {
            needOf(expense)
                    .filter(kinds::add)
                    .ifPresent(kind -> needs.add(new EvidenceNeed(kind, Optional.empty(), FactPath.of("expenses"))));
        }
        return List.copyOf(needs);
    }

    private static Optional<String> needOf(Expense expense) {
        return switch (expense.kind()) {
            case RENT, MORTGAGE -> Optional.of("HOUSING_COSTS");
            case MEDICAL -> Optional.of("MEDICAL_COSTS");
            case DEPENDANT_CARE -> Optional.of("CARE_RECEIPTS");
            case PROPERTY_TAX, HOME_INSURANCE, SUPPORT_PAID -> Optional.empty();
        };
    }
}
