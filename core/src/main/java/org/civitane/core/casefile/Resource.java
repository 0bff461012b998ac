package org.civitane.core.casefile;

import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;

/**
 * Something the household owns.
 *
 * @param owner the id of the member who owns it; not given, the applicant
 */
public record Resource(ResourceKind kind, Money amount, Optional<String> owner) {
    /** What a household can live on if it has to: all but what it lives in, drives, or has put aside for old age. */
    public static Money usable(List<Resource> resources) {
        Money sum = Money.ZERO;
        for (Resource resource : resources) {
            if (resource.isUsable()) {
                sum = sum.plus(resource.amount());
            }
        }
        return sum;
    }

    /** Whether the household can live on it if it has to. */
    public boolean isUsable() {
        return switch (kind) {
            case CASH, BANK, INVESTMENT, OTHER_PROPERTY -> true;
            case RETIREMENT, HOME, VEHICLE -> false;
        };
    }
}
