package org.civitane.bench;

import java.nio.charset.StandardCharsets;
import java.util.concurrent.TimeUnit;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.exchange.casefile.CaseFiles;
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

/** One school-meals household: reading its case file, and determining it silently and with its working. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class DetermineBench {
    private static final byte[] CASE = """
            {"programme":"school-meals","receivedAt":"2026-09-14T10:32:00",
             "members":[{"id":"m1","givenName":"Runa","familyName":"Ostby","dateOfBirth":"1988-03-02","relationship":"SELF"},
              {"id":"m2","givenName":"Ivo","familyName":"Ostby","dateOfBirth":"2016-05-30","relationship":"CHILD","pupil":{"school":"Skerry Lane","year":4}}],
             "incomes":[{"id":"i1","member":"m1","kind":"WAGES","amount":"412.00","frequency":"WEEKLY"}],
             "signatures":[{"member":"m1","name":"Runa Ostby","signedAt":"2026-09-14T10:31:00"}],"signerNumber":{"last4":"8903"}}""".getBytes(StandardCharsets.UTF_8);

    private final PolicyBook book = ShippedPolicy.book();
    private final CaseFiles.Read<?> read = CaseFiles.read(CASE);

    @Benchmark
    public CaseFiles.Read<?> reading() {
        return CaseFiles.read(CASE);
    }

    @Benchmark
    public Determination silent() {
        return read.determine(book, Reasoning.silent());
    }

    @Benchmark
    public Determination recording() {
        return read.determine(book, Reasoning.recording());
    }
}
