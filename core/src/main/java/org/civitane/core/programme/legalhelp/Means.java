package org.civitane.core.programme.legalhelp;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.amount.Rounding;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.Resource;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.policy.SubsistenceLine;
import org.civitane.core.programme.CountedIncome;
import org.civitane.core.programme.legalhelp.LegalHelpCase.Outgoing;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;

/** What those who share their money live on, against the limits for their number (chapter, Means). */
record Means(
        int poolSize,
        Money annual,
        Money limit,
        Money upperLimit,
        Money expensesAnnual,
        Money afterExpenses,
        Money assets,
        Money assetLimit) {
    private static final Rule RULE = new Rule(LegalHelp.ID, "Means");

    /** The applicant and all who share their money with them, without whoever they accuse. */
    static List<LegalMember> pool(LegalHelpCase file) {
        return file.members().stream()
                .filter(member ->
                        member.equals(file.applicant()) || member.sharesMoney().orElse(true) && !file.isAccused(member))
                .toList();
    }

    static Means of(LegalHelpCase file, PolicyVersion lineVersion, PolicyVersion version, Reasoning why) {
        LegalHelpPolicy policy = LegalHelpPolicy.of(version);
        Set<String> pool = pool(file).stream().map(LegalMember::id).collect(Collectors.toSet());
        String applicant = file.applicant().id();
        int size = why.count("poolSize", pool.size(), RULE, s -> s.fact("members"));
        List<IncomeLine> lines = file.incomes().stream()
                .filter(line -> pool.contains(line.member()))
                .toList();
        Money annual = CountedIncome.annual("annual", lines, RULE, why);
        Money line = SubsistenceLine.of(lineVersion).forSize(size);
        Money limit = limit("limit", line, policy.limit, why, lineVersion, version);
        Money upper = limit("upperLimit", line, policy.upperLimit, why, lineVersion, version);
        Money expenses = why.money("expensesAnnual", expenses(file, pool, applicant), RULE, s -> s.fact("expenses"));
        Money after = why.money(
                "afterExpenses",
                annual.minus(expenses).atLeast(Money.ZERO),
                RULE,
                s -> s.input("annual", annual).input("expenses", expenses));
        List<Resource> owned = file.resources().orElse(List.of()).stream()
                .filter(each -> pool.contains(each.owner().orElse(applicant)))
                .toList();
        Money assets = why.money(
                "assets",
                Resource.usable(owned),
                RULE,
                s -> s.input("limit", policy.assetLimit).fact("resources").table(version));
        return new Means(size, annual, limit, upper, expenses, after, assets, policy.assetLimit);
    }

    private static Money limit(
            String code, Money line, Percent percent, Reasoning why, PolicyVersion lineVersion, PolicyVersion version) {
        return why.money(
                code,
                line.percent(percent, Money.CENT, Rounding.HALF_UP),
                RULE,
                s -> s.input("percent", percent)
                        .input("line", line)
                        .table(lineVersion)
                        .table(version));
    }

    private static Money expenses(LegalHelpCase file, Set<String> pool, String applicant) {
        Money sum = Money.ZERO;
        for (Outgoing expense : file.expenses().orElse(List.of())) {
            if (expense.counts() && pool.contains(expense.member().orElse(applicant))) {
                sum = sum.plus(expense.annual());
            }
        }
        return sum;
    }

    boolean isWithin() {
        return annual.within(limit) || isWithinByExpenses();
    }

    /** Whether only what they pay can bring them within. */
    boolean isBetween() {
        return annual.over(limit) && annual.within(upperLimit);
    }

    private boolean isWithinByExpenses() {
        return annual.within(upperLimit) && afterExpenses.within(limit);
    }

    Figures after(Figures before) {
        Figures.Builder figures = Figures.builder(before.size() + 8);
        before.forEach(figures::add);
        return figures.add("poolSize", poolSize)
                .add("annual", annual)
                .add("limit", limit)
                .add("upperLimit", upperLimit)
                .add("expensesAnnual", expensesAnnual)
                .add("afterExpenses", afterExpenses)
                .add("assets", assets)
                .add("assetLimit", assetLimit)
                .build();
    }
}
