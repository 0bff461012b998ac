package org.civitane.core.programme.housinglist;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.amount.Rounding;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.policy.MedianIncome;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.CountedIncome;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The rules of the chapter for one case file: what is missing, which home is needed, on which lists they stand where. */
final class HousingListRules {
    private static final Rule INCOMPLETE = new Rule(HousingList.ID, "Incomplete");
    private static final Rule HOUSEHOLD = new Rule(HousingList.ID, "Household");
    private static final Rule BEDROOMS = new Rule(HousingList.ID, "Bedrooms");
    private static final Rule PREFERENCES = new Rule(HousingList.ID, "Preferences");
    private static final Rule DECIDED = new Rule(HousingList.ID, "Decided");
    private static final Rule RANK = new Rule(HousingList.ID, "Rank");
    private static final long HUNDREDTHS = 100;

    private final HousingListCase file;
    private final Reasoning why;
    private final LocalDate receivedOn;
    private final PolicyVersion medianVersion;
    private final PolicyVersion version;
    private final HousingListPolicy policy;
    private final Household household;

    private enum Result {
        LISTED,
        NOT_TAKEN,
        PENDING
    }

    private enum Basis {
        APPLICATION,
        CLOSED,
        SIZE,
        STUDENTS,
        INCOME,
        POINTS
    }

    HousingListRules(HousingListCase file, PolicyBook book, Reasoning why) {
        this.file = file;
        this.why = why;
        this.receivedOn = file.receivedOn();
        this.medianVersion = book.inForce(MedianIncome.TABLE, receivedOn);
        this.version = book.inForce(HousingListPolicy.TABLE, receivedOn);
        this.policy = HousingListPolicy.of(version);
        this.household = Household.of(file, policy);
    }

    Determination determine() {
        why.day("receivedOn", receivedOn, new Rule("common", "0.3"), s -> s.fact("receivedAt"));
        List<String> missing = Missing.of(file, household, policy).told(why, INCOMPLETE);
        if (!missing.isEmpty()) {
            List<Outcome> pending = file.lists().stream()
                    .map(list -> Outcome.of(list.id(), Result.PENDING, Basis.APPLICATION))
                    .toList();
            return result(Status.INCOMPLETE, pending, Figures.NONE, missing);
        }
        int size = why.count("householdSize", household.size(), HOUSEHOLD, s -> s.fact("members"));
        int bedrooms = why.count(
                "bedroomsNeeded",
                household.bedroomsNeeded(policy.shareUnder),
                BEDROOMS,
                s -> s.input("adults", (int) household.otherAdults())
                        .input("carers", household.carers())
                        .input("children", household.children().size())
                        .input("expected", household.expected())
                        .input("under", policy.shareUnder)
                        .fact("members")
                        .table(version));
        Money annual = annual();
        Money median = why.money(
                "median",
                MedianIncome.of(medianVersion).forSize(size),
                DECIDED,
                s -> s.input("householdSize", size).table(medianVersion));
        Preferences preferences = new Preferences(file, household, policy);
        preferences
                .granted()
                .forEach(kind -> why.step("preference", Value.of(kind), PREFERENCES, s -> s.fact("claims")));
        List<Outcome> outcomes = file.lists().stream()
                .map(list -> outcome(list, bedrooms, annual, limit(list, median), preferences.granted()))
                .toList();
        Figures figures = Figures.builder(7)
                .add("householdSize", size)
                .add("bedroomsNeeded", bedrooms)
                .add("annual", annual)
                .add("median", median)
                .add("incomeLimits", limits(median))
                .add("preferences", preferences.toValue())
                .add("notGranted", preferences.notGranted())
                .build();
        return result(Status.DETERMINED, outcomes, figures, missing);
    }

    private Money annual() {
        Set<String> ids = household.members().stream().map(HousingMember::id).collect(Collectors.toSet());
        List<IncomeLine> lines = file.incomes().stream()
                .filter(line -> ids.contains(line.member()))
                .toList();
        return CountedIncome.annual("annual", lines, DECIDED, why);
    }

    private static Money limit(WantedList list, Money median) {
        return median.percent(new Percent(list.incomePercent() * HUNDREDTHS), Money.CENT, Rounding.HALF_UP);
    }

    private Value limits(Money median) {
        List<Value> limits = new ArrayList<>();
        for (WantedList list : file.lists()) {
            limits.add(new Value.Fields(Figures.builder(2)
                    .add("list", list.id())
                    .add("incomeLimit", limit(list, median))
                    .build()));
        }
        return new Value.Row(limits);
    }

    private Outcome outcome(WantedList list, int bedrooms, Money annual, Money limit, Set<Preference> granted) {
        if (!list.isOpenAt(file.receivedAt())) {
            return notTaken(list, Basis.CLOSED);
        }
        if (!list.sizes().contains(bedrooms)) {
            return notTaken(list, Basis.SIZE);
        }
        List<HousingMember> adults = household.adults();
        if (list.notForStudents() && !adults.isEmpty() && adults.stream().allMatch(HousingMember::student)) {
            return notTaken(list, Basis.STUDENTS);
        }
        boolean within = why.holds(
                "withinIncome",
                annual.within(limit),
                DECIDED,
                s -> s.input("list", list.id())
                        .input("annual", annual)
                        .input("limit", limit)
                        .input("percent", list.incomePercent()));
        return within ? listed(list, bedrooms, granted) : notTaken(list, Basis.INCOME);
    }

    private Outcome notTaken(WantedList list, Basis basis) {
        why.step("notTaken." + basis, Value.of(Result.NOT_TAKEN), DECIDED, s -> s.input("list", list.id()));
        return Outcome.of(list.id(), Result.NOT_TAKEN, basis);
    }

    private Outcome listed(WantedList list, int bedrooms, Set<Preference> granted) {
        long points = granted.stream()
                .mapToLong(kind -> list.points().of(kind).orElse(0))
                .sum();
        LocalDate confirmBy = file.confirmedOn().orElse(receivedOn).plusMonths(policy.confirmMonths);
        why.step(
                "listed",
                Value.of(Result.LISTED),
                DECIDED,
                s -> s.input("list", list.id())
                        .input("points", Value.of(points))
                        .input("size", bedrooms)
                        .input("confirmBy", Value.of(confirmBy)));
        Figures.Builder more =
                Figures.builder(7).add("size", bedrooms).add("points", points).add("confirmBy", confirmBy);
        file.claimNumber().flatMap(number -> Ranking.drawOf(list, number)).ifPresent(draw -> more.add("draw", draw));
        Ranking.of(file, list, bedrooms, points, policy.mostUnanswered)
                .ifPresent(ranking -> addPlaces(list, ranking, granted, more));
        return Outcome.of(list.id(), Result.LISTED, Basis.POINTS, more.build());
    }

    private void addPlaces(WantedList list, Ranking ranking, Set<Preference> granted, Figures.Builder more) {
        Ranking.Rank whole = ranking.among(entry -> true);
        why.count(
                "rank",
                whole.rank(),
                RANK,
                s -> s.input("list", list.id())
                        .input("of", whole.of())
                        .input("before", whole.rank() - 1)
                        .fact("lists"));
        List<Value> shares = new ArrayList<>();
        for (Preference kind :
                list.shares().map(WantedList.ByKind::named).orElse(Map.of()).keySet()) {
            if (granted.contains(kind)) {
                Ranking.Rank rank = ranking.among(entry -> entry.has(kind));
                shares.add(new Value.Fields(Figures.builder(3)
                        .add("kind", kind)
                        .add("rank", rank.rank())
                        .add("of", rank.of())
                        .build()));
            }
        }
        more.add("rank", whole.rank()).add("of", whole.of()).add("shares", new Value.Row(shares));
    }

    private Determination result(Status status, List<Outcome> outcomes, Figures figures, List<String> missing) {
        LocalDate dueBy = BusinessCalendar.plusBusinessDays(receivedOn, policy.dueDays);
        why.day("dueBy", dueBy, INCOMPLETE, s -> s.input("days", policy.dueDays).table(version));
        return new Determination(
                HousingList.ID,
                receivedOn,
                List.of(medianVersion, version),
                status,
                outcomes,
                figures,
                missing,
                dueBy,
                why.steps());
    }
}
