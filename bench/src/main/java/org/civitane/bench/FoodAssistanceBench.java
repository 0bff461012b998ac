package org.civitane.bench;

import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.foodassistance.FoodAssistance;
import org.civitane.core.programme.foodassistance.FoodAssistanceCase;
import org.civitane.core.programme.foodassistance.RandomFood;
import org.civitane.core.programme.foodassistance.StraightLine;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.exchange.policy.ShippedPolicy;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A thousand households of every shape, by the rules and by straight-line Java over longs. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(2)
public class FoodAssistanceBench {
    private static final int CASES = 1_024;

    private final FoodAssistance programme = new FoodAssistance();
    private final PolicyBook book = ShippedPolicy.book();
    private final Random random = new Random(1);
    private final FoodAssistanceCase[] cases =
            Stream.generate(() -> RandomFood.of(random)).limit(CASES).toArray(FoodAssistanceCase[]::new);
    private int at;

    @Benchmark
    public StraightLine.Result straightLine() {
        return StraightLine.determine(next());
    }

    @Benchmark
    public Determination silent() {
        return programme.determine(next(), book, Reasoning.silent());
    }

    @Benchmark
    public Determination recording() {
        return programme.determine(next(), book, Reasoning.recording());
    }

    private FoodAssistanceCase next() {
        at = (at + 1) % CASES;
        return cases[at];
    }
}
