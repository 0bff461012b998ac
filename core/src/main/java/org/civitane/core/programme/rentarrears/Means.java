package org.civitane.core.programme.rentarrears;

import java.time.LocalDate;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.amount.Rounding;
import org.civitane.core.casefile.ExpenseKind;
import org.civitane.core.casefile.Resource;
import org.civitane.core.policy.MedianIncome;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.CountedIncome;
import org.civitane.core.programme.Lines;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** What the household lives on and owns, against the limits for its size. */
record Means(
        int householdSize,
        Money grossAnnual,
        Money medicalAllowance,
        Money careAllowance,
        Money adjustedAnnual,
        Money incomeLimit,
        Money assets,
        Money assetLimit,
        Band band) {
    private static final Rule RULE = new Rule(RentArrears.ID, "Income");
    private static final int ALL = 10_000;

    /** How hard it is for the household; who is helped first. */
    enum Band {
        A,
        B,
        C
    }

    static Means of(
            RentArrearsCase file,
            LocalDate receivedOn,
            PolicyVersion medianVersion,
            PolicyVersion version,
            Reasoning why) {
        RentArrearsPolicy policy = RentArrearsPolicy.of(version);
        int size = why.count("householdSize", file.members().size(), RULE, s -> s.fact("members"));
        Money gross = CountedIncome.annual("grossAnnual", file.incomes(), RULE, why);
        Money borne = gross.percent(policy.medicalBorne, Money.CENT, Rounding.HALF_UP);
        Reasoning eachMedical = why.below("medicalAllowance", RULE);
        Money medicalPaid = annual(file, ExpenseKind.MEDICAL, eachMedical);
        Money medical = medicalPaid.minus(borne).atLeast(Money.ZERO);
        eachMedical.concluded(
                Value.of(medical),
                s -> s.input("paid", medicalPaid)
                        .input("percent", policy.medicalBorne)
                        .input("borne", borne)
                        .table(version));
        Reasoning eachCare = why.below("careAllowance", RULE);
        Money care = annual(file, ExpenseKind.DEPENDANT_CARE, eachCare);
        eachCare.concluded(Value.of(care), s -> s.fact("expenses"));
        Money adjusted = why.money(
                "adjustedAnnual",
                gross.minus(medical).minus(care).atLeast(Money.ZERO),
                RULE,
                s -> s.input("grossAnnual", gross)
                        .input("medicalAllowance", medical)
                        .input("careAllowance", care));
        Money median = MedianIncome.of(medianVersion).forSize(size);
        Money limit = why.money(
                "incomeLimit",
                median.percent(policy.incomeLimit, policy.incomeLimitUnit, Rounding.DOWN),
                RULE,
                s -> s.input("percent", policy.incomeLimit)
                        .input("median", median)
                        .input("householdSize", size)
                        .input("unit", policy.incomeLimitUnit)
                        .table(medianVersion));
        Reasoning eachOwned = why.below("assets", RULE);
        Money assets = Lines.owned(file.resources().orElseThrow(), Resource::isUsable, RULE, eachOwned);
        eachOwned.concluded(
                Value.of(assets),
                s -> s.input("limit", policy.assetLimit).fact("resources").table(version));
        Band band = band(file, receivedOn, adjusted, median, version, why);
        return new Means(size, gross, medical, care, adjusted, limit, assets, policy.assetLimit, band);
    }

    Figures figures() {
        return Figures.builder(9)
                .add("householdSize", householdSize)
                .add("grossAnnual", grossAnnual)
                .add("medicalAllowance", medicalAllowance)
                .add("careAllowance", careAllowance)
                .add("adjustedAnnual", adjustedAnnual)
                .add("incomeLimit", incomeLimit)
                .add("assets", assets)
                .add("assetLimit", assetLimit)
                .add("band", band)
                .build();
    }

    private static Money annual(RentArrearsCase file, ExpenseKind kind, Reasoning each) {
        return Lines.annual(file.expenses(), kind, expense -> true, RULE, each);
    }

    private static Band band(
            RentArrearsCase file,
            LocalDate receivedOn,
            Money adjusted,
            Money median,
            PolicyVersion version,
            Reasoning why) {
        RentArrearsPolicy policy = RentArrearsPolicy.of(version);
        LocalDate latest = receivedOn.minusDays(policy.unemployedDays);
        boolean longUnemployed = file.members().stream()
                .filter(member -> member.isAdultOn(receivedOn))
                .anyMatch(member -> member.unemployedSince()
                        .filter(since -> !since.isAfter(latest))
                        .isPresent());
        Band band = isWithin(adjusted, policy.bandA, median) || longUnemployed
                ? Band.A
                : isWithin(adjusted, policy.bandB, median) ? Band.B : Band.C;
        why.step(
                longUnemployed ? "bandUnemployed" : "band",
                Value.of(band),
                RULE,
                s -> s.input("adjustedAnnual", adjusted)
                        .input("median", median)
                        .input("bandA", policy.bandA)
                        .input("bandB", policy.bandB)
                        .input("days", policy.unemployedDays)
                        .table(version));
        return band;
    }

    /** Compares exactly, without rounding the share. */
    private static boolean isWithin(Money figure, Percent percent, Money of) {
        return figure.times(ALL).within(of.times(percent.hundredths()));
    }
}
