package org.civitane.core.materiality;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.Signature;
import org.civitane.core.materiality.Candidate.LineValue;
import org.civitane.core.policy.RulebookTables;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.foodassistance.FoodAssistance;
import org.civitane.core.programme.foodassistance.FoodAssistanceCase;
import org.civitane.core.programme.foodassistance.FoodMember;
import org.testng.annotations.Test;

public class MaterialityTest {
    private static final FoodAssistance PROGRAMME = new FoodAssistance();

    @Test
    public void withoutCandidatesThereIsOneCombination() {
        Materiality materiality = answer(file("1200.00"), List.of());
        assertThat(materiality.combinations()).isEqualTo(1);
        assertThat(materiality.isMaterial()).isFalse();
        assertThat(materiality.least()).isEqualTo(materiality.greatest()).isPresent();
    }

    @Test
    public void theLineAsItStandsIsAlwaysOneOfTheValuesAndEqualOnesCountOnce() {
        assertThat(answer(file("1200.00"), List.of(monthly("i0", "1200.0", "900", "900.00")))
                        .combinations())
                .isEqualTo(2);
        assertThat(answer(file("1200.00"), List.of(monthly("i0"))).combinations())
                .isEqualTo(1);
    }

    @Test
    public void aLineMattersOnlyIfItAloneCanChangeTheOutcome() {
        Materiality materiality =
                answer(file("800.00", "50.00"), List.of(monthly("i1", "50.01"), monthly("i0", "900.00")));
        assertThat(materiality.lines())
                .containsExactly(new Materiality.Line("i1", false), new Materiality.Line("i0", true));
        assertThat(materiality.distinct()).isEqualTo(2);
    }

    @Test
    public void agreesWithTryingEveryPair() {
        Random random = new Random(10);
        for (int i = 0; i < 60; i++) {
            FoodAssistanceCase file = file(amount(random), amount(random), amount(random));
            List<Candidate> candidates =
                    List.of(monthly("i0", amount(random), amount(random)), monthly("i2", amount(random)));
            Materiality materiality = answer(file, candidates);
            Set<List<Outcome>> outcomes = new HashSet<>();
            boolean firstMatters = false;
            for (LineValue third : withOwn(file, 2, candidates.get(1))) {
                Set<List<Outcome>> ofThird = new HashSet<>();
                for (LineValue first : withOwn(file, 0, candidates.get(0))) {
                    ofThird.add(outcomes(file, first, third));
                }
                outcomes.addAll(ofThird);
                firstMatters |= ofThird.size() > 1;
            }
            assertThat(materiality.distinct()).isEqualTo(outcomes.size());
            assertThat(materiality.lines().getFirst().matters()).isEqualTo(firstMatters);
        }
    }

    @Test
    public void refusesUnknownLinesLinesGivenTwiceAndTooManyCombinations() {
        assertFault(file("1.00"), List.of(monthly("i9")), "/candidates");
        assertFault(file("1.00"), List.of(monthly("i0"), monthly("i0")), "/candidates");
        String[] sixtyThree =
                IntStream.range(1, 64).mapToObj(cents -> "1." + (cents + 10)).toArray(String[]::new);
        List<Candidate> most = List.of(monthly("i0", sixtyThree), monthly("i1", sixtyThree));
        assertThat(answer(file("1.00", "1.00"), most).combinations()).isEqualTo(4_096);
        List<Candidate> more = new ArrayList<>(most);
        more.add(monthly("i2", "2.00"));
        assertFault(file("1.00", "1.00", "1.00"), more, "/candidates");
        assertFault(file("1.00"), List.of(monthly("i0", "3.00", "-3.00")), "/candidates/0/values/1/amount");
    }

    private static void assertFault(FoodAssistanceCase file, List<Candidate> candidates, String pointer) {
        assertThatThrownBy(() -> answer(file, candidates))
                .isInstanceOfSatisfying(
                        InvalidFact.class, fault -> assertThat(fault.pointer()).isEqualTo(pointer));
    }

    private static Materiality answer(FoodAssistanceCase file, List<Candidate> candidates) {
        return Materiality.of(PROGRAMME, file, candidates, RulebookTables.BOOK);
    }

    private static List<LineValue> withOwn(FoodAssistanceCase file, int line, Candidate candidate) {
        List<LineValue> values = new ArrayList<>(candidate.values());
        values.add(new LineValue(file.incomes().get(line).amount(), Frequency.MONTHLY));
        return values;
    }

    private static List<Outcome> outcomes(FoodAssistanceCase file, LineValue first, LineValue third) {
        List<IncomeLine> lines = new ArrayList<>(file.incomes());
        lines.set(0, lines.get(0).with(first.amount(), first.frequency()));
        lines.set(2, lines.get(2).with(third.amount(), third.frequency()));
        return Determined.silently(PROGRAMME, file.withIncomes(lines)).outcomes();
    }

    private static Candidate monthly(String line, String... amounts) {
        return new Candidate(
                line,
                List.of(amounts).stream()
                        .map(amount -> new LineValue(Money.parse(amount), Frequency.MONTHLY))
                        .toList());
    }

    private static String amount(Random random) {
        return random.nextInt(800) + ".00";
    }

    /** One adult with wages by these monthly amounts. */
    private static FoodAssistanceCase file(String... amounts) {
        LocalDateTime at = LocalDateTime.of(2026, 9, 14, 10, 0);
        List<IncomeLine> lines = IntStream.range(0, amounts.length)
                .mapToObj(i -> new IncomeLine(
                        "i" + i, "m1", IncomeKind.WAGES, Money.parse(amounts[i]), Frequency.MONTHLY, Optional.empty()))
                .toList();
        FoodMember applicant = new FoodMember(
                "m1", "A", "Berg", LocalDate.of(1988, 3, 2), Relationship.SELF, Optional.empty(), false, false, false);
        return new FoodAssistanceCase(
                at,
                List.of(applicant),
                lines,
                List.of(),
                Optional.of(List.of()),
                Optional.of(List.of()),
                List.of(),
                false,
                List.of(new Signature("m1", "A Berg", at)));
    }
}
