package org.civitane.server.registers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.testng.annotations.Test;

public class BreakersTest {
    private static final Supplier<String> FAILS = () -> {
        throw new IllegalStateException("down");
    };

    @Test
    public void aServiceThatKeepsFailingIsNotAskedForAWhileAndOthersAre() {
        Breakers breakers = new Breakers(Duration.ofHours(1));
        AtomicInteger asked = new AtomicInteger();
        for (int i = 0; i < 5; i++) {
            assertThatThrownBy(() -> breakers.call("wages", FAILS)).isInstanceOf(IllegalStateException.class);
        }
        assertThatThrownBy(() -> breakers.call("wages", asked::incrementAndGet)).isInstanceOf(Breakers.Resting.class);
        assertThat(asked).hasValue(0);
        assertThat(breakers.call("civil", asked::incrementAndGet)).isEqualTo(1);
    }

    @Test
    public void oneThatFailsNowAndThenIsAskedOn() {
        Breakers breakers = new Breakers(Duration.ofHours(1));
        for (int i = 0; i < 40; i++) {
            if (i % 2 == 0) {
                assertThat(breakers.call("wages", () -> "there")).isEqualTo("there");
            } else {
                assertThatThrownBy(() -> breakers.call("wages", FAILS)).isInstanceOf(IllegalStateException.class);
            }
        }
    }
}
