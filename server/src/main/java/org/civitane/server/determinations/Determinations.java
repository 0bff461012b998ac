package org.civitane.server.determinations;

import java.nio.charset.StandardCharsets;
import java.sql.Timestamp;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.programme.DayPlan;
import org.civitane.core.programme.Determination;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.exchange.casefile.KeptDeterminations;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.WithoutWords;
import org.civitane.server.policies.PolicyStore;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Determines cases, keeps what was determined when a claim was decided, and tells it again from there. */
@Service
@Transactional(readOnly = true)
public class Determinations {
    /** The code of the problem that nothing can be worked out of a case. */
    public static final String NOT_WORKED_OUT = "not-worked-out";

    private static final Logger LOG = LoggerFactory.getLogger(Determinations.class);

    private final PolicyStore policies;
    private final JdbcClient database;
    private final AgencyClock clock;

    Determinations(PolicyStore policies, JdbcClient database, AgencyClock clock) {
        this.policies = policies;
        this.database = database;
        this.clock = clock;
    }

    /**
     * Determines a case with its working.
     *
     * @throws Problem when its figures are such that nothing can be worked out of them: whoever opens it is told so
     */
    public Run run(CaseFiles.Read<?> read) {
        LOG.debug("A case is determined: {}", read.programme().id());
        return workedOut(() -> Run.of(read.determine(policies.book(), Reasoning.recording()), read.file()));
    }

    /**
     * The same for a claim as it stands: nobody who opens it typed what is wrong, so that it is no fault of an input.
     *
     * @throws Problem when nothing can be worked out of it, of the code {@link #NOT_WORKED_OUT}
     */
    public Run ofClaim(CaseFiles.Read<?> read) {
        try {
            return run(read);
        } catch (BadInput e) {
            throw notWorkedOut(e);
        }
    }

    private static Problem notWorkedOut(RuntimeException e) {
        LOG.error("A case cannot be worked out", WithoutWords.of(e));
        return Problem.conflict(NOT_WORKED_OUT, Phrase.of("problem.not-worked-out"));
    }

    private static <T> T workedOut(Supplier<T> work) {
        try {
            return work.get();
        } catch (ArithmeticException | DateTimeException | IllegalArgumentException e) {
            throw notWorkedOut(e);
        }
    }

    /**
     * The days that a case is about, for a calendar; empty for a programme that is about none, or as long as too little
     * is said.
     *
     * @param run of this case
     * @param today the day on which it would be decided, or was
     */
    public Optional<Plan> plan(CaseFiles.Read<?> read, Run run, LocalDate today) {
        return workedOut(() -> planned(read, run, today).map(plan -> Plan.of(plan, run.wording())));
    }

    private <C extends CaseFile> Optional<DayPlan> planned(CaseFiles.Read<C> read, Run run, LocalDate today) {
        return read.programme().isAboutDays()
                ? read.programme().plan(read.file(), run.determination(), policies.book(), today)
                : Optional.empty();
    }

    /**
     * Keeps a run with the case it ran on.
     *
     * @return the id under which it is kept
     */
    @Transactional
    public UUID keep(ClaimView claim, JsonNode ranOn, Run run) {
        UUID id = UUID.randomUUID();
        Determination determination = run.determination();
        database.sql("""
                        insert into determination_run (id, claim_id, edition, ran_at, ran_on, result, in_full)
                        values (?, ?, ?, ?, ?::jsonb, ?::jsonb, ?::jsonb)""")
                .params(
                        id,
                        claim.id(),
                        claim.edition(),
                        Timestamp.from(clock.instant()),
                        JsonColumn.write(ranOn),
                        org.civitane.exchange.casefile.Determinations.toJson(determination, false),
                        KeptDeterminations.write(determination))
                .update();
        return id;
    }

    /**
     * What was determined when a claim was decided, as it was kept then: nothing is worked out anew. Runs that were kept
     * before they were kept in full are run again on what they ran on.
     */
    public Run decided(UUID claim) {
        return database.sql("""
                        select r.in_full::text, r.ran_on::text from determination_run r
                        where r.claim_id = ? order by r.ran_at desc limit 1""")
                .param(claim)
                .query((row, number) -> kept(row.getString(1), row.getString(2)))
                .single();
    }

    /** The newest kept run of a claim. @param id under which it is kept */
    public record Newest(UUID id, Run run) {}

    /** What a claim that was decided was determined on last, as {@link #decided} tells it. */
    public Newest newest(UUID claim) {
        UUID id = database.sql("select id from determination_run where claim_id = ? order by ran_at desc limit 1")
                .param(claim)
                .query(UUID.class)
                .single();
        return new Newest(id, kept(id));
    }

    /** A kept run, by the id that {@link #keep} gave. */
    public Run kept(UUID id) {
        return database.sql("select in_full::text, ran_on::text from determination_run where id = ?")
                .param(id)
                .query((row, number) -> kept(row.getString(1), row.getString(2)))
                .single();
    }

    /** The case that the newest kept run of a claim ran on. */
    public ObjectNode ranOn(UUID claim) {
        return database.sql(
                        "select ran_on::text from determination_run where claim_id = ? order by ran_at desc limit 1")
                .param(claim)
                .query((row, number) -> JsonColumn.readObject(row.getString(1)))
                .single();
    }

    private Run kept(@Nullable String inFull, String ranOn) {
        return inFull == null
                ? run(CaseFiles.read(ranOn.getBytes(StandardCharsets.UTF_8)))
                : Run.of(KeptDeterminations.read(inFull), JsonColumn.read(ranOn));
    }
}
