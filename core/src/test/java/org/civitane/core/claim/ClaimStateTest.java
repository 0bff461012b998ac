package org.civitane.core.claim;

import static org.assertj.core.api.Assertions.assertThat;

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
            if (state.isOpen()) {
                assertThat(state.mayBecome(ClaimState.WITHDRAWN))
                        .as(state.name())
                        .isTrue();
            }
        }
    }

    @Test
    public void nothingIsDecidedThatNobodyLookedAt() {
        assertThat(ClaimState.RECEIVED.mayBecome(ClaimState.DECIDED)).isFalse();
        assertThat(ClaimState.DRAFT.mayBecome(ClaimState.DECIDED)).isFalse();
    }
}
