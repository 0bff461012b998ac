package org.civitane.core.programme.disabilityallowance;

import java.time.LocalDate;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.Member;
import org.civitane.core.casefile.Person;
import org.civitane.core.programme.disabilityallowance.DisabilityAllowanceCase.Certificate;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Value;

/**
 * What is awarded, and until when (chapter, Amount).
 *
 * @param renewFrom from when it can be renewed; empty when it cannot, since the applicant is too old by then
 */
record Award(Money monthly, LocalDate from, LocalDate to, Optional<LocalDate> renewFrom) {
    static Award of(
            DisabilityAllowanceCase file,
            Certificate certificate,
            LocalDate from,
            Optional<LocalDate> certificateEnds,
            DisabilityAllowancePolicy policy) {
        Money byPercent = policy.monthly(certificate.percent());
        Money monthly = file.kinds().size() > 1 ? byPercent.plus(policy.severalKinds) : byPercent;
        LocalDate ends = certificateEnds
                .map(Award::lastMonthEnd)
                .orElseGet(() -> from.plusYears(policy.certificateYears).minusDays(1));
        Person applicant = file.applicant();
        LocalDate tooOld = endOfMonth(Member.birthday(applicant.dateOfBirth(), policy.ageUnder));
        LocalDate to = ends.isAfter(tooOld) ? tooOld : ends;
        return new Award(monthly, from, to, renewFrom(applicant, from, to.plusDays(1), policy));
    }

    private static Optional<LocalDate> renewFrom(
            Person applicant, LocalDate from, LocalDate after, DisabilityAllowancePolicy policy) {
        if (applicant.ageOn(after) >= policy.ageUnder) {
            return Optional.empty();
        }
        LocalDate opens = after.minusMonths(policy.renewalMonths);
        return Optional.of(opens.isBefore(from) ? from : opens);
    }

    Figures figures() {
        Figures figures = Figures.builder(3)
                .add("monthly", monthly)
                .add("from", from)
                .add("to", to)
                .build();
        return renewFrom.isPresent() ? figures.with("renewFrom", Value.of(renewFrom.get())) : figures;
    }

    /** The last month's end that is not after a day. */
    private static LocalDate lastMonthEnd(LocalDate day) {
        LocalDate end = endOfMonth(day);
        return end.equals(day) ? day : day.withDayOfMonth(1).minusDays(1);
    }

    static LocalDate endOfMonth(LocalDate day) {
        return day.withDayOfMonth(day.lengthOfMonth());
    }
}
