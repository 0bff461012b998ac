package org.civitane.core.programme.dentalsupport;

import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Signatures;
import org.civitane.core.person.Iban;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.dentalsupport.DentalSupportCase.Child;
import org.civitane.core.programme.dentalsupport.DentalSupportCase.Employment;
import org.civitane.core.programme.dentalsupport.DentalSupportCase.Payout;
import org.civitane.core.programme.dentalsupport.DentalSupportCase.Statement;

/** What an application still needs (chapter, Incomplete). Whoever is refused attests nothing. */
final class Missing {
    private final DentalSupportCase file;
    private final Family family;
    private final MissingCodes codes = new MissingCodes();

    private Missing(DentalSupportCase file, Family family) {
        this.file = file;
        this.family = family;
    }

    /** @param open the children that no point refuses */
    static MissingCodes of(DentalSupportCase file, Family family, List<Child> open) {
        Missing missing = new Missing(file, family);
        missing.codes.require("children", !file.children().isEmpty());
        missing.codes.add(signatureOf(file));
        if (!open.isEmpty()) {
            missing.lookAtTheFamily();
            open.forEach(missing::lookAt);
        }
        return missing.codes;
    }

    /** The code of the applicant's signature, while it is missing. */
    static Optional<String> signatureOf(DentalSupportCase file) {
        return Signatures.missingOf(file, file.applicant());
    }

    private void lookAtTheFamily() {
        codes.require("assessment", !family.lacksReturn());
        codes.require("partner-assessment", !family.lacksPartnersReturn());
        family.parents().forEach(this::lookAtWorkOf);
        Optional<Payout> payout =
                file.payout().filter(each -> each.cheque() || each.iban().isPresent());
        codes.requireGiven("payout", payout);
        boolean wrongIban = payout.filter(each -> !each.cheque())
                .flatMap(Payout::iban)
                .filter(iban -> !Iban.isHalverns(iban))
                .isPresent();
        codes.require("iban", !wrongIban);
        attested(Statement.Code.TRUE);
        attested(Statement.Code.PENALTY);
        attested(Statement.Code.USE_OF_DATA);
        if (family.anyIsEmployed()) {
            attested(Statement.Code.MAY_ASK_EMPLOYER);
        }
    }

    private void lookAtWorkOf(Person parent) {
        Optional<Employment> line = file.employmentOf(parent);
        codes.requireGiven("employment:" + parent.id(), line);
        boolean unnamed = line.filter(each -> each.status() == Employment.Status.EMPLOYED
                        && each.employer().isEmpty())
                .isPresent();
        codes.require("employer:" + parent.id(), !unnamed);
    }

    private void attested(Statement.Code code) {
        codes.require("statement:" + code, file.isAgreed(code, Optional.empty()));
    }

    private void lookAt(Child child) {
        String id = child.member();
        codes.requireGiven("cover:" + id, child.privateCover());
        boolean visit = child.visit()
                .filter(each -> !(each.attended() && each.on().isAfter(file.day())))
                .isPresent();
        codes.require("visit:" + id, visit);
        for (Statement.Code code :
                List.of(Statement.Code.VISIT, Statement.Code.NO_COVER, Statement.Code.NOT_REIMBURSED)) {
            codes.require("statement:" + code + ":" + id, file.isAgreed(code, Optional.of(id)));
        }
    }
}
