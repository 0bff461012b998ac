package org.civitane.core.programme.mortgagearrears;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Rounding;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Resource;
import org.civitane.core.casefile.Signatures;
import org.civitane.core.policy.MedianIncome;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.CountedIncome;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Limit;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.mortgagearrears.MortgageArrearsCase.Bankruptcy;
import org.civitane.core.programme.mortgagearrears.MortgageArrearsCase.LenderAnswer;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The rules of the chapter for one case file: what fails, what is missing, what is worked out, what is decided. */
final class MortgageArrearsRules {
    private static final Rule INCOMPLETE = new Rule(MortgageArrears.ID, "Incomplete");
    private static final Rule INCOME = new Rule(MortgageArrears.ID, "Income");
    private static final Rule DECIDED = new Rule(MortgageArrears.ID, "Decided");
    private static final String SUBJECT = "household";

    private final MortgageArrearsCase file;
    private final Reasoning why;
    private final LocalDate receivedOn;
    private final PolicyVersion medianVersion;
    private final PolicyVersion version;
    private final MortgageArrearsPolicy policy;

    private enum Result {
        APPROVED,
        DENIED,
        PENDING
    }

    private enum Basis {
        BANKRUPTCY,
        INCOME,
        ASSETS,
        NOTHING_DUE,
        LENDER
    }

    private enum Payee {
        LENDER
    }

    MortgageArrearsRules(MortgageArrearsCase file, PolicyBook book, Reasoning why) {
        this.file = file;
        this.why = why;
        this.receivedOn = file.receivedOn();
        this.medianVersion = book.inForce(MedianIncome.TABLE, receivedOn);
        this.version = book.inForce(MortgageArrearsPolicy.TABLE, receivedOn);
        this.policy = MortgageArrearsPolicy.of(version);
    }

    Determination determine() {
        why.day("receivedOn", receivedOn, new Rule("common", "0.3"), s -> s.fact("receivedAt"));
        List<PreCheck.Point> failed = PreCheck.failedOf(file, receivedOn, version, why);
        Figures figures = Figures.NONE.with(
                "failed", new Value.Row(failed.stream().map(Value::of).toList()));
        List<String> missing = missing();
        if (!missing.isEmpty()) {
            return result(Status.INCOMPLETE, Outcome.of(SUBJECT, Result.PENDING, Basis.INCOME), figures, missing);
        }
        Means means = means();
        figures = means.after(figures);
        Optional<Amount> amount =
                file.lenderAnswer().filter(LenderAnswer::counts).map(this::amount);
        figures = amount.isPresent() ? amount.get().after(figures) : figures;
        Optional<Enum<?>> refusal = refusal(failed, means);
        if (refusal.isPresent()) {
            return result(Status.DETERMINED, denied(refusal.get()), figures, missing);
        }
        if (amount.isEmpty()) {
            return result(Status.HOLD, Outcome.of(SUBJECT, Result.PENDING, Basis.LENDER), figures, waitingForLender());
        }
        return result(Status.DETERMINED, outcome(amount.get()), figures, missing);
    }

    private List<String> missing() {
        MissingCodes missing = new MissingCodes();
        for (Person member : file.members()) {
            if (member.isAdultOn(receivedOn)) {
                missing.require("income", member.id(), file.statesIncomeOf(member.id()));
                missing.add(Signatures.missingOf(file, member));
            }
        }
        missing.requireGiven("resources", file.resources());
        missing.requireGiven("hardship", file.hardship());
        missing.requireGiven("home", file.home());
        missing.requireGiven("missed", file.missed());
        missing.requireGiven("loan", file.loan());
        file.hardship().ifPresent(hardship -> missing.requireGiven("statement", hardship.statement()));
        return missing.told(why, INCOMPLETE);
    }

    /** What the household lives on and owns, with the limits for its size. */
    private record Means(int householdSize, Money annual, Money incomeLimit, Money assets) {
        Figures after(Figures figures) {
            return figures.with("householdSize", Value.of(householdSize))
                    .with("annual", Value.of(annual))
                    .with("incomeLimit", Value.of(incomeLimit))
                    .with("assets", Value.of(assets));
        }
    }

    private Means means() {
        int size = why.count("householdSize", file.members().size(), INCOME, s -> s.fact("members"));
        Money annual = CountedIncome.annual("annual", file.incomes(), INCOME, why);
        Money median = MedianIncome.of(medianVersion).forSize(size);
        Money limit = why.money(
                "incomeLimit",
                median.percent(policy.incomeLimit, Money.CENT, Rounding.HALF_UP),
                INCOME,
                s -> s.input("percent", policy.incomeLimit)
                        .input("median", median)
                        .input("householdSize", size)
                        .table(medianVersion)
                        .table(version));
        Money assets = why.money(
                "assets",
                Resource.usable(file.resources().orElseThrow()),
                INCOME,
                s -> s.input("limit", policy.assetLimit).fact("resources").table(version));
        return new Means(size, annual, limit, assets);
    }

    private Amount amount(LenderAnswer answer) {
        return Amount.of(file.loan().orElseThrow(), answer, file.decidedOn().orElse(receivedOn), version, why);
    }

    private Optional<Enum<?>> refusal(List<PreCheck.Point> failed, Means means) {
        if (!failed.isEmpty()) {
            return Optional.of(failed.getFirst());
        }
        boolean free = file.bankruptcy().filter(Bankruptcy::open).isEmpty();
        boolean consented = file.bankruptcy().filter(Bankruptcy::trusteeConsent).isPresent();
        if (!free && !why.holds("trusteeConsent", consented, DECIDED, s -> s.fact("bankruptcy", "trusteeConsent"))) {
            return Optional.of(Basis.BANKRUPTCY);
        }
        if (!Limit.within("withinIncome", means.annual(), means.incomeLimit(), DECIDED, why)) {
            return Optional.of(Basis.INCOME);
        }
        if (!Limit.within("withinAssets", means.assets(), policy.assetLimit, DECIDED, why)) {
            return Optional.of(Basis.ASSETS);
        }
        return Optional.empty();
    }

    /** What the lender has not said, or said no to. */
    private List<String> waitingForLender() {
        MissingCodes codes = new MissingCodes();
        codes.requireGiven("lender", file.lenderAnswer());
        file.lenderAnswer().ifPresent(answer -> {
            codes.require("loan-match", answer.matched());
            codes.require("lender-takes-part", answer.takesPart());
        });
        return codes.told(why, DECIDED);
    }

    private Outcome outcome(Amount amount) {
        Money said = file.lenderAnswer().flatMap(LenderAnswer::due).orElseThrow();
        if (!why.holds(
                "somethingDue",
                said.isPositive(),
                DECIDED,
                s -> s.input("said", said).fact("lenderAnswer", "due"))) {
            return denied(Basis.NOTHING_DUE);
        }
        why.step(
                "approved",
                Value.of(Result.APPROVED),
                DECIDED,
                s -> s.input("total", amount.total()).input("short", amount.left()));
        Figures more = Figures.builder(3)
                .add("total", amount.total())
                .add("short", amount.left())
                .add("payee", Payee.LENDER)
                .build();
        return Outcome.of(SUBJECT, Result.APPROVED, Basis.INCOME, more);
    }

    private Outcome denied(Enum<?> basis) {
        why.step("denied." + basis, Value.of(Result.DENIED), DECIDED, s -> {});
        return Outcome.of(SUBJECT, Result.DENIED, basis);
    }

    private Determination result(Status status, Outcome outcome, Figures figures, List<String> missing) {
        LocalDate dueBy = BusinessCalendar.plusBusinessDays(receivedOn, policy.dueDays);
        why.day("dueBy", dueBy, INCOMPLETE, s -> s.input("days", policy.dueDays).table(version));
        return new Determination(
                MortgageArrears.ID,
                receivedOn,
                List.of(medianVersion, version),
                status,
                List.of(outcome),
                figures,
                missing,
                dueBy,
                why.steps());
    }
}
