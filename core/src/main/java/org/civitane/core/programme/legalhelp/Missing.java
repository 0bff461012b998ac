package org.civitane.core.programme.legalhelp;

import java.time.LocalDate;
import java.util.List;
import org.civitane.core.casefile.Signatures;
import org.civitane.core.person.Names;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.legalhelp.LegalHelpCase.Contact;
import org.civitane.core.programme.legalhelp.LegalHelpCase.Opponent;

/** What a request still needs (chapter, Incomplete). */
final class Missing {
    private Missing() {}

    static MissingCodes of(LegalHelpCase file, Means means) {
        MissingCodes codes = new MissingCodes();
        codes.requireGiven("problem", file.problem());
        codes.requireGiven("district", file.district());
        codes.requireGiven("opponents", file.opponents());
        List<Opponent> opponents = file.opponents().orElse(List.of());
        for (int i = 0; i < opponents.size(); i++) {
            codes.require(
                    "opponent-name:" + (i + 1),
                    !Names.tokens(opponents.get(i).name()).isEmpty());
        }
        LocalDate receivedOn = file.receivedOn();
        for (LegalMember member : Means.pool(file)) {
            if (member.isAdultOn(receivedOn)) {
                codes.require("income", member.id(), file.statesIncomeOf(member.id()));
            }
        }
        codes.requireGiven("resources", file.resources());
        codes.require("expenses", file.expenses().isPresent() || !means.isBetween());
        codes.require("contact", file.contact().stream().anyMatch(Contact::isUsable));
        codes.add(Signatures.missingOf(file, file.applicant()));
        return codes;
    }
}
