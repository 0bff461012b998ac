package org.civitane.server.determinations;

import java.sql.Timestamp;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.civitane.core.casefile.Member;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.Outcome;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Step;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.policies.PolicyStore;
import org.civitane.server.settlements.Settlements;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** Determines claims on their newest edition with the settlements that stand. */
@Service
@Transactional(readOnly = true)
public class Determinations {
    private final Settlements settlements;
    private final PolicyStore policies;
    private final JdbcClient database;
    private final AgencyClock clock;

    Determinations(Settlements settlements, PolicyStore policies, JdbcClient database, AgencyClock clock) {
        this.settlements = settlements;
        this.policies = policies;
        this.database = database;
        this.clock = clock;
    }

    /** A determination with the case it ran on, and words for both. */
    public record Run(Determination determination, CaseFiles.Read<?> read, Wording wording) {
        /** The working as sentences, in order. */
        public List<Sentence> working() {
            return determination.reasons().stream()
                    .map(step -> Sentence.of(step, wording))
                    .toList();
        }

        /** What a result means, whatever the chapter calls it. */
        public Finding findingOf(Outcome outcome) {
            return read.programme().findingOf(outcome);
        }

        /** What a member of the household is called; the subject itself when it is no member. */
        public String nameOf(String subject) {
            return read.file().members().stream()
                    .filter(member -> member.id().equals(subject))
                    .map(member -> member.name().full())
                    .findFirst()
                    .orElse(subject);
        }

        /** Whether each outcome is about one person, and not about the household as a whole. */
        public boolean isAboutPeople() {
            Set<String> ids = read.file().members().stream().map(Member::id).collect(Collectors.toSet());
            return determination.outcomes().stream().allMatch(outcome -> ids.contains(outcome.subject()));
        }

        /** The names of those whom outcomes are about. */
        public String namesOf(List<Outcome> outcomes) {
            return outcomes.stream().map(outcome -> nameOf(outcome.subject())).collect(Collectors.joining(", "));
        }

        /** How many it is about, in the programme's words: {@code 3 pupils}. */
        public String subjects() {
            int count = isAboutPeople()
                    ? determination.outcomes().size()
                    : read.file().members().size();
            String number = count == 0 ? "none" : count == 1 ? "one" : "other";
            String template = wording.textOr("subjects." + number, wording.textOr("subjects.other", "{count}"));
            return wording.filled(template, Map.of("count", String.valueOf(count)));
        }

        /** The different results in words, in the order of the outcomes; empty when there is nobody to decide about. */
        public String headline() {
            return determination.outcomes().stream()
                    .map(Outcome::result)
                    .distinct()
                    .map(result -> wording.text("outcome." + result))
                    .collect(Collectors.joining(", "));
        }

        /** What a sentence about an outcome may name: its subject, its basis, what it adds, and all figures. */
        public Map<String, String> places(Outcome outcome) {
            Map<String, String> places = new HashMap<>();
            places.put("name", nameOf(outcome.subject()));
            places.put("basis", wording.textOr("basis." + outcome.basis(), outcome.basis()));
            determination.figures().forEach((name, value) -> places.put(name, wording.shown(value)));
            outcome.more().forEach((name, value) -> places.put(name, wording.shown(value)));
            return places;
        }
    }

    /** One step of the working in words. @param facts the paths it used @param steps the steps it consists of */
    public record Sentence(
            String code, String text, String rule, String policy, List<String> facts, List<Sentence> steps) {
        static Sentence of(Step step, Wording wording) {
            return new Sentence(
                    step.code(),
                    wording.sentence(step),
                    step.rule().toString(),
                    step.policy().orElse(""),
                    step.facts().stream().map(FactPath::path).toList(),
                    step.steps().stream().map(lower -> of(lower, wording)).toList());
        }
    }

    /** The claim as it stands now. */
    public Run current(ClaimView claim) {
        return run(settlements.onTrial(claim, Map.of()));
    }

    /** The claim with some facts at other values; nothing is kept. */
    public Run onTrial(ClaimView claim, Map<FactPath, JsonNode> values) {
        return run(settlements.onTrial(claim, values));
    }

    /** A case that is no claim. */
    public Run run(CaseFiles.Read<?> read) {
        Map<String, String> names = read.file().members().stream()
                .collect(Collectors.toMap(Member::id, member -> member.name().given()));
        Wording wording = read.programme().wording(Locale.ENGLISH).naming(names);
        return new Run(read.determine(policies.book(), Reasoning.recording()), read, wording);
    }

    /** Runs the claim as it stands and keeps the run with what it ran on. */
    @Transactional
    public Kept keep(ClaimView claim) {
        JsonNode ranOn = settlements.settledCase(claim);
        Run run = current(claim);
        UUID id = UUID.randomUUID();
        database.sql(
                        "insert into determination_run (id, claim_id, edition, ran_at, ran_on, result) values (?, ?, ?, ?, ?::jsonb, ?::jsonb)")
                .params(
                        id,
                        claim.id(),
                        claim.edition(),
                        Timestamp.from(clock.instant()),
                        JsonColumn.write(ranOn),
                        org.civitane.exchange.casefile.Determinations.toJson(run.determination(), true))
                .update();
        return new Kept(id, run);
    }

    /** A run that was kept. */
    public record Kept(UUID id, Run run) {}

    /** A kept run, run again on what it ran on: the same case and tables give the same determination. */
    public Run kept(UUID id) {
        String ranOn = database.sql("select ran_on::text from determination_run where id = ?")
                .param(id)
                .query(String.class)
                .single();
        return run(CaseFiles.read(ranOn.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
    }
}
