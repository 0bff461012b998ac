package org.civitane.core.claim;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.testng.annotations.Test;

public class ClaimStateTest {
    @Test
    public void aDecisionIsFinal() {
        for (ClaimState next : ClaimState.values()) {
            assertThat(ClaimState.DECIDED.mayBecome(next)).isEqualTo(next == ClaimState.FULFILLED);
        }
    }

    @Test
    public void everyOpenClaimCanBeTakenBack() {
        for (ClaimState state : ClaimState.values()) {
            if (state.isOpen() && state != ClaimState.FROZEN) {
                assertThat(state.mayBecome(ClaimState.WITHDRAWN))
                        .as(state.name())
                        .isTrue();
            }
        }
    }

    @Test
    public void whatADecisionRestsOnIsClosedWithItAndWhatIsWrittenGoesOnUntilItIsFulfilled() {
        assertThat(allowed(ClaimState.DECIDED)).containsExactly(Act.CORRESPOND, Act.REVOKE);
        assertThat(allowed(ClaimState.FULFILLED)).containsExactly(Act.REVOKE);
        assertThat(allowed(ClaimState.WITHDRAWN)).isEmpty();
        assertThat(allowed(ClaimState.READY))
                .containsExactly(Act.TAKE, Act.ESTABLISH, Act.ANSWER, Act.DECIDE, Act.CORRESPOND, Act.WITHDRAW);
    }

    @Test
    public void whileMisuseIsLookedIntoNothingIsEstablishedOrDecided() {
        assertThat(allowed(ClaimState.FROZEN)).containsExactly(Act.TAKE, Act.ANSWER, Act.CORRESPOND);
    }

    @Test
    public void whileOthersHaveToSignAllButADecisionGoesOn() {
        assertThat(ClaimState.SIGNING.isOpen()).isTrue();
        assertThat(allowed(ClaimState.SIGNING))
                .containsExactly(Act.TAKE, Act.ESTABLISH, Act.ANSWER, Act.CORRESPOND, Act.WITHDRAW);
    }

    private static List<Act> allowed(ClaimState state) {
        return Arrays.stream(Act.values()).filter(state::allows).toList();
    }

    @Test
    public void nothingIsDecidedThatNobodyLookedAt() {
        assertThat(ClaimState.RECEIVED.mayBecome(ClaimState.DECIDED)).isFalse();
        assertThat(ClaimState.DRAFT.mayBecome(ClaimState.DECIDED)).isFalse();
    }
}
