package org.civitane.core.programme.rentarrears;

import java.time.Period;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.amount.Money;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Landlord;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Owed;
import org.civitane.core.reasoning.Value;

/** Which papers the facts and the figures worked out from them call for (chapter, Evidence). */
final class RentArrearsEvidence {
    private static final Period A_QUARTER = Period.ofMonths(3);

    /** What is owed month by month, on paper: wanted where the landlord, who is asked first, has not said so. */
    static final PaperKind RENT_STATEMENT =
            new PaperKind("RENT_STATEMENT", PaperKind.Reading.AMOUNT, Set.of(), Optional.empty(), A_QUARTER);

    private RentArrearsEvidence() {}

    /** @param figures those of the determination; while something is missing they are not there, and ask for nothing */
    static List<EvidenceNeed> of(RentArrearsCase file, Map<String, Value> figures) {
        List<EvidenceNeed> needs = new ArrayList<>();
        file.members().stream()
                .filter(Tenant::onLease)
                .forEach(tenant -> needs.add(EvidenceNeed.ofIdentity(tenant.id())));
        needs.add(EvidenceNeed.ofHousehold(PaperKind.HOUSING_COSTS, "lease"));
        needs.addAll(EvidenceNeed.ofEarners(file.incomes()));
        if (amount(figures, "assets").times(2).over(amount(figures, "assetLimit"))) {
            needs.add(EvidenceNeed.ofHousehold(PaperKind.BANK_STATEMENT, "resources"));
        }
        boolean isOwed =
                file.arrears().orElse(List.of()).stream().map(Owed::owed).anyMatch(Money::isPositive);
        if (isOwed && !isAwaitedOrSaid(file)) {
            needs.add(EvidenceNeed.ofHousehold(RENT_STATEMENT, "arrears"));
        }
        return List.copyOf(needs);
    }

    /** The landlord's own word of the months is there, or can still come before the claim goes on without it. */
    private static boolean isAwaitedOrSaid(RentArrearsCase file) {
        return file.landlord()
                .filter(landlord -> landlord.monthsOwed().isPresent()
                        || landlord.takesPart() == Landlord.TakesPart.PENDING
                                && file.decidedOn().isEmpty())
                .isPresent();
    }

    private static Money amount(Map<String, Value> figures, String name) {
        return figures.get(name) instanceof Value.Amount amount ? amount.money() : Money.ZERO;
    }
}
