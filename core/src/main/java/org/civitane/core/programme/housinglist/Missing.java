package org.civitane.core.programme.housinglist;

import org.civitane.core.casefile.Signatures;
import org.civitane.core.programme.MissingCodes;

/** What an application still needs (chapter, Incomplete). */
final class Missing {
    private Missing() {}

    static MissingCodes of(HousingListCase file, Household household, HousingListPolicy policy) {
        MissingCodes codes = new MissingCodes();
        codes.require("lists", !file.lists().isEmpty());
        household.adults().forEach(adult -> codes.require("income", adult.id(), file.statesIncomeOf(adult.id())));
        if (sexMatters(household, policy)) {
            household.children().forEach(child -> codes.requireGiven("sex:" + child.id(), child.sex()));
        }
        codes.require(
                "homeless-months",
                !file.claims(Preference.HOMELESS) || file.homelessMonths().isPresent());
        codes.require(
                "home", !file.claims(Preference.OVERCROWDED) || file.home().isPresent());
        codes.add(Signatures.missingOf(file, household.applicant()));
        return codes;
    }

    /** Only of two or more children, one of whom is not young any more, can the sex matter. */
    private static boolean sexMatters(Household household, HousingListPolicy policy) {
        return household.children().size() + household.expected() > 1
                && household.children().stream()
                        .anyMatch(child -> child.ageOn(household.receivedOn()) >= policy.shareUnder);
    }
}
