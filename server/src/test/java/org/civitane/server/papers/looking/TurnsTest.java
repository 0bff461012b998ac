package org.civitane.server.papers.looking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CompletableFuture;
import org.testng.annotations.Test;

/** Who waits for whom. */
public class TurnsTest {
    @Test
    public void whoComesWithOneFileWaitsForOneTurnOfWhoCameWithMany() {
        Turns turns = new Turns(1, 10);
        CompletableFuture<Void> running = take(turns, "many");
        CompletableFuture<Void> next = take(turns, "many");
        CompletableFuture<Void> third = take(turns, "many");
        CompletableFuture<Void> other = take(turns, "one");
        assertThat(running).isDone();
        turns.done();
        assertThat(next).isDone();
        assertThat(other).isNotDone();
        turns.done();
        assertThat(other).isDone();
        assertThat(third).isNotDone();
        turns.done();
        assertThat(third).isDone();
        turns.done();
        assertThat(take(turns, "later")).isDone();
    }

    @Test
    public void asManyAsMayAreBegunAtOnce() {
        Turns turns = new Turns(2, 10);
        assertThat(take(turns, "a")).isDone();
        assertThat(take(turns, "a")).isDone();
        assertThat(take(turns, "b")).isNotDone();
    }

    @Test
    public void whoHasTooManyWaitingIsTurnedAwayAndNobodyElse() {
        Turns turns = new Turns(1, 2);
        take(turns, "a");
        take(turns, "a");
        take(turns, "a");
        assertThat(turns.take("a")).isEmpty();
        assertThat(turns.take("b")).isPresent();
    }

    private static CompletableFuture<Void> take(Turns turns, String whose) {
        return turns.take(whose).orElseThrow();
    }
}
