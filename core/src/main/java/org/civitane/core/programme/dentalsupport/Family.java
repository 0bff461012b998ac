package org.civitane.core.programme.dentalsupport;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.Person;
import org.civitane.core.programme.dentalsupport.DentalSupportCase.Employment;
import org.civitane.core.programme.dentalsupport.DentalSupportCase.FamilyIncome;

/**
 * What is known of the parents (chapter, Income).
 *
 * @param answer the tax register's answer, where it is of the year that counts
 * @param assessedIncome by which the amount goes, once every return is there
 */
record Family(DentalSupportCase file, Optional<FamilyIncome> answer, Optional<Money> assessedIncome) {
    static Family of(DentalSupportCase file) {
        Optional<FamilyIncome> answer = file.familyIncome()
                .filter(income -> income.year() == file.supportPeriod().incomeYear());
        boolean all = file.partner().isEmpty() || file.partnerAssessed();
        Optional<Money> assessed =
                answer.filter(income -> income.assessed() && all).flatMap(FamilyIncome::amount);
        return new Family(file, answer, assessed);
    }

    /** Whether the register answered and the applicant filed no return. */
    boolean lacksReturn() {
        return answer.filter(income -> !income.assessed()).isPresent();
    }

    /** Whether the register answered and there is a partner who filed none. */
    boolean lacksPartnersReturn() {
        return answer.isPresent() && file.partner().isPresent() && !file.partnerAssessed();
    }

    /** The applicant, and the partner if there is one. */
    List<Person> parents() {
        return Stream.concat(Stream.of(file.applicant()), file.partner().stream())
                .toList();
    }

    boolean anyIsEmployed() {
        return parents().stream()
                .flatMap(parent -> file.employmentOf(parent).stream())
                .anyMatch(line -> line.status() == Employment.Status.EMPLOYED);
    }
}
