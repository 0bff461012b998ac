package org.civitane.bench;

import java.io.IOException;
import java.io.InputStream;
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
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The first example of each programme: reading it, and determining it silently and with its working. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class ProgrammeBench {
    @Param({
        "school-meals/01-free-one-weekly-wage",
        "food-assistance/01-approved-mother-and-child",
        "paid-leave/01-approved-two-whole-weeks-notice-30-days-before",
        "rent-arrears/01-approved-two-months-owed-one-ahead",
        "valuation-review/01-reduced-by-three-comparables",
        "conduct-certificate/01-issue-clear-handed-over-at-the-desk",
        "mortgage-arrears/01-approved-one-payment-fallen-due-since",
        "repayment-plan/01-approved-the-chapters-own-figures",
        "support-intake/01-invited-earliest-free-slot",
        "dental-support/01-approved-one-child-paid-at-once",
        "disability-allowance/01-approved-until-the-last-month-the-certificate-covers",
        "payer-registration/01-registered-provisional",
        "objection/01-changed-for-the-household-with-what-it-gets",
        "name-change/01-granted-marriage-double-name",
        "legal-help/01-provisional-called-on-the-first-safe-phone",
        "housing-list/01-listed-third-of-five-by-points-then-receipt",
        "estate-registration/01-wife-and-two-children-she-takes-a-part"
    })
    public String example;

    private final PolicyBook book = ShippedPolicy.book();
    private byte[] json = {};
    private CaseFiles.Read<?> read = CaseFiles.read(MINIMAL.getBytes());

    private static final String MINIMAL =
            "{\"programme\":\"school-meals\",\"receivedAt\":\"2026-09-14T10:32:00\",\"members\":[{\"id\":\"m\",\"givenName\":\"A\",\"familyName\":\"B\",\"dateOfBirth\":\"1988-03-02\",\"relationship\":\"SELF\"}]}";

    @Setup
    public void load() throws IOException {
        try (InputStream in = ProgrammeBench.class.getResourceAsStream("/examples/" + example + ".json")) {
            json = in.readAllBytes();
            read = CaseFiles.read(json);
        }
    }

    @Benchmark
    public CaseFiles.Read<?> reading() {
        return CaseFiles.read(json);
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
