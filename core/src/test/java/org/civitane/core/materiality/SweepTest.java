package org.civitane.core.materiality;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.civitane.core.programme.Outcome;
import org.testng.annotations.Test;

public class SweepTest {
    @Test
    public void ofNothingOpenThereIsOneCombination() {
        Sweep sweep = Sweep.of(List.of(), values -> Optional.of(outcome(0)));
        assertThat(sweep.combinations()).isEqualTo(1);
        assertThat(sweep.distinct()).containsExactly(outcome(0));
    }

    @Test
    public void twoThatChangeTheOutcomeOnlyTogetherMatterBothAndAloneNeither() {
        Sweep sweep = Sweep.of(List.of(2, 2), values -> Optional.of(outcome(values[0] * values[1])));
        assertThat(sweep.matters(0)).isTrue();
        assertThat(sweep.matters(1)).isTrue();
        assertThat(sweep.alone(0, List.of(0, 0))).containsExactly(outcome(0));
        assertThat(sweep.alone(0, List.of(0, 1))).containsExactly(outcome(0), outcome(1));
    }

    @Test
    public void whatCannotStandSaysNothing() {
        Sweep sweep = Sweep.of(
                List.of(2, 3), values -> values[0] == 1 ? Optional.empty() : Optional.of(outcome(values[1] / 2)));
        assertThat(sweep.matters(0)).isFalse();
        assertThat(sweep.matters(1)).isTrue();
        assertThat(sweep.alone(1, List.of(1, 0))).isEmpty();
    }

    @Test
    public void agreesWithComparingEveryPairOfCombinations() {
        Random random = new Random(4);
        for (int round = 0; round < 200; round++) {
            List<Integer> sizes = List.of(1 + random.nextInt(3), 1 + random.nextInt(4), 1 + random.nextInt(3));
            List<int[]> combinations = new ArrayList<>();
            List<Integer> found = new ArrayList<>();
            Sweep sweep = Sweep.of(sizes, values -> {
                combinations.add(values.clone());
                found.add(random.nextInt(4) - 1);
                return Optional.of(found.getLast()).filter(each -> each >= 0).map(SweepTest::outcome);
            });
            Set<Integer> distinct = new HashSet<>(found);
            distinct.remove(-1);
            assertThat(sweep.combinations()).isEqualTo(combinations.size());
            assertThat(sweep.distinct()).hasSize(distinct.size());
            for (int choice = 0; choice < sizes.size(); choice++) {
                assertThat(sweep.matters(choice)).isEqualTo(differOnlyIn(choice, combinations, found));
            }
        }
    }

    @Test
    public void refusesMoreCombinationsThanTheRulebookAllows() {
        assertThat(Sweep.combinations(List.of(64, 64), 4_096)).isEqualTo(4_096);
        assertThat(Sweep.combinations(List.of(Integer.MAX_VALUE, Integer.MAX_VALUE, 9), 4_096))
                .isEqualTo(4_097);
        assertThatThrownBy(() -> Sweep.of(List.of(64, 65), values -> Optional.empty()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    private static boolean differOnlyIn(int choice, List<int[]> combinations, List<Integer> found) {
        for (int i = 0; i < combinations.size(); i++) {
            for (int j = 0; j < i; j++) {
                int[] one = combinations.get(i).clone();
                one[choice] = combinations.get(j)[choice];
                boolean onlyThere = Arrays.equals(one, combinations.get(j));
                boolean bothStand = found.get(i) >= 0 && found.get(j) >= 0;
                if (onlyThere && bothStand && !found.get(i).equals(found.get(j))) {
                    return true;
                }
            }
        }
        return false;
    }

    private static List<Outcome> outcome(int number) {
        return List.of(new Outcome("household", "RESULT-" + number, "BASIS", Map.of()));
    }
}
