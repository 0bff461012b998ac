package org.civitane.core.programme.rentarrears;

import java.time.LocalDate;
import java.util.List;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.PostCodes;

/** The figures of the chapter in one version of its policy table. */
final class RentArrearsPolicy {
    static final String TABLE = "rent-arrears";

    final Percent medicalBorne;
    final Percent incomeLimit;
    final Money incomeLimitUnit;
    final Money assetLimit;
    final Percent bandA;
    final Percent bandB;
    final int unemployedDays;
    final int arrearsMonths;
    final int mostMonths;
    final Money mostTotal;
    final int hardshipMonths;
    private final int firstPostCode;
    private final int lastPostCode;
    final int landlordDays;
    final int dueDays;
    private final List<Money> monthlyCap;

    private RentArrearsPolicy(PolicyVersion version) {
        medicalBorne = version.percent("medicalBornePercent");
        incomeLimit = version.percent("incomeLimitPercent");
        incomeLimitUnit = version.money("incomeLimitUnit");
        assetLimit = version.money("assetLimit");
        bandA = version.percent("bandAPercent");
        bandB = version.percent("bandBPercent");
        unemployedDays = version.count("unemployedDays");
        monthlyCap = version.row("monthlyCap");
        arrearsMonths = version.count("arrearsMonths");
        mostMonths = version.count("mostMonths");
        mostTotal = version.money("mostTotal");
        hardshipMonths = version.count("hardshipMonths");
        firstPostCode = version.count("firstPostCode");
        lastPostCode = version.count("lastPostCode");
        landlordDays = version.count("landlordDays");
        dueDays = version.count("dueDays");
    }

    static RentArrearsPolicy of(PolicyVersion version) {
        return version.view(RentArrearsPolicy.class, RentArrearsPolicy::new);
    }

    /** The first day on which hardship may have begun. */
    LocalDate earliestHardship(LocalDate receivedOn) {
        return receivedOn.minusMonths(hardshipMonths);
    }

    /** Whether relief is paid for a home with that post code. */
    boolean isInside(String postCode) {
        return PostCodes.isWithin(postCode, firstPostCode, lastPostCode);
    }

    /** The most that is paid for a month; the last of the row holds for all larger homes. */
    Money monthlyCap(int bedrooms) {
        return monthlyCap.get(Math.min(bedrooms, monthlyCap.size() - 1));
    }
}
