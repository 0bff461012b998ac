package org.civitane.core.programme.estateregistration;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Signatures;
import org.civitane.core.fact.Lack;
import org.civitane.core.person.PersonNumber;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Deceased;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Family;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Role;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Will;

/** What a report still needs, in two looks (chapter, Incomplete). */
final class Missing {
    /** With nothing else missing the second look is taken all the same. */
    private static final Set<String> NOT_IN_THE_WAY =
            Set.of("signature", "signature-name", "late-reason", "person-number");

    private final EstateRegistrationCase file;
    private final MissingCodes codes;

    private Missing(EstateRegistrationCase file, MissingCodes codes) {
        this.file = file;
        this.codes = codes;
    }

    /** The first look, at the fields. @param reportBy empty while it is not known who died */
    static void lookAtFields(EstateRegistrationCase file, Optional<LocalDate> reportBy, MissingCodes codes) {
        Missing missing = new Missing(file, codes);
        codes.requireGiven("deceased", file.deceased());
        codes.requireGiven("role", file.role());
        codes.require("will", file.noWill() || file.will().isPresent());
        codes.require("family", !file.withoutWill() || file.family().isPresent());
        codes.requireGiven("assets", file.assets());
        codes.requireGiven("debts", file.debts());
        codes.add(Signatures.missingOf(file, file.reporter()));
        boolean late = reportBy.filter(file.receivedOn()::isAfter).isPresent();
        codes.require("late-reason", !late || file.lateReason().isPresent());
        file.deceased().ifPresent(missing::lookAtDeceased);
    }

    private void lookAtDeceased(Deceased deceased) {
        codes.require(
                "person-number",
                deceased.personNumber().map(PersonNumber::isValid).orElse(true));
        if (file.withoutWill() && file.family().isPresent()) {
            Family family = file.family().get();
            codes.require("spouse", !deceased.hadSpouse() || family.spouse().isPresent());
            boolean outlived = family.spouse()
                    .filter(spouse -> spouse.diedOn()
                            .map(day -> day.isAfter(deceased.diedOn()))
                            .orElse(true))
                    .isPresent();
            codes.require("marital", deceased.hadSpouse() || !outlived);
        }
    }

    /** Whether enough is there for the second look. */
    static boolean isEnough(MissingCodes codes) {
        return codes.all().stream().map(Lack::codeOf).allMatch(NOT_IN_THE_WAY::contains);
    }

    /** The second look, at who acts and at the papers. */
    static void lookAtPapers(
            EstateRegistrationCase file,
            Estate estate,
            Papers papers,
            EstateRegistrationPolicy policy,
            MissingCodes codes) {
        boolean original =
                !file.withWill() || file.will().filter(Will::original).isPresent();
        codes.require("will-original", original);
        boolean outsider = file.role()
                .filter(role -> role == Role.INSTITUTION || role == Role.OTHER)
                .isPresent();
        boolean wanted = estate.net().over(policy.smallEstate) || outsider;
        Optional<Person> executor = file.executorMember();
        codes.require("executor", !wanted || executor.isPresent());
        codes.require(
                "executor-age",
                executor.map(each -> each.isAdultOn(file.receivedOn())).orElse(true));
        papers.addTo(codes);
    }
}
