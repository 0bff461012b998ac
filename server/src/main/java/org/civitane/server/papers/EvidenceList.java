package org.civitane.server.papers;

import java.nio.charset.StandardCharsets;
import java.sql.Timestamp;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Member;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.programme.Determination;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.access.SignedIn;
import org.civitane.server.casework.Actor;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.casework.History;
import org.civitane.server.papers.EvidenceItem.State;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.civitane.server.policies.PolicyStore;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a claim has to show, worked out from the facts of its newest edition. */
@Service
public class EvidenceList {
    private final Claims claims;
    private final Papers papers;
    private final PolicyStore policies;
    private final History history;
    private final JdbcClient database;
    private final AgencyClock clock;
    private final Texts texts;

    EvidenceList(
            Claims claims,
            Papers papers,
            PolicyStore policies,
            History history,
            JdbcClient database,
            AgencyClock clock,
            Texts texts) {
        this.claims = claims;
        this.papers = papers;
        this.policies = policies;
        this.history = history;
        this.database = database;
        this.clock = clock;
        this.texts = texts;
    }

    /** Every need with the papers that answer it, then the papers that answer none. */
    @Transactional(readOnly = true)
    public List<EvidenceItem> of(ClaimView claim) {
        CaseFiles.Read<?> read = CaseFiles.read(claims.newestEdition(claim).getBytes(StandardCharsets.UTF_8));
        Wording wording = read.programme().wording(Locale.ENGLISH);
        List<Paper> all = papers.of(claim.id());
        Map<String, String> waived = waivers(claim.id());
        List<EvidenceItem> items = new ArrayList<>();
        for (EvidenceNeed need : needs(read)) {
            String subject = need.subject().orElse("");
            List<Paper> mine = all.stream()
                    .filter(paper ->
                            paper.kind().equals(need.kind()) && paper.subject().equals(subject))
                    .toList();
            Optional<String> waiver = Optional.ofNullable(waived.get(need.kind() + "/" + subject));
            String title = wording.filled(
                    wording.text("evidence." + need.kind() + ".title"), Map.of("name", nameOf(read.file(), subject)));
            items.add(new EvidenceItem(
                    need.kind(),
                    subject,
                    title,
                    wording.text("evidence." + need.kind() + ".why"),
                    waiver.isPresent() ? State.WAIVED : state(mine),
                    waiver.orElseGet(() -> reason(mine)),
                    mine));
        }
        List<Paper> others = all.stream()
                .filter(paper -> items.stream().noneMatch(item -> item.papers().contains(paper)))
                .toList();
        if (!others.isEmpty()) {
            items.add(new EvidenceItem(
                    "OTHER", "", texts.say("paper.others"), "", state(others), reason(others), others));
        }
        return List.copyOf(items);
    }

    /** A caseworker does without something, and says why. */
    @Transactional
    public void waive(ClaimView claim, String kind, String subject, String reason, SignedIn who) {
        if (reason.isBlank()) {
            throw Problem.invalid("reason", texts.say("problem.reason"));
        }
        EvidenceItem wanted = of(claim).stream()
                .filter(item -> item.kind().equals(kind) && item.subject().equals(subject))
                .findFirst()
                .orElseThrow(() -> Problem.notFound(texts.say("paper.no-need")));
        database.sql("""
                        insert into evidence_waiver (claim_id, kind, subject, reason, waived_by, waived_at)
                        values (?, ?, ?, ?, ?, ?) on conflict (claim_id, kind, subject) do update set reason = excluded.reason""")
                .params(claim.id(), kind, subject, reason, who.displayName(), Timestamp.from(clock.instant()))
                .update();
        history.add(claim.id(), Actor.of(who), "evidence-waived", texts.say("history.waived", wanted.title(), reason));
        claims.touch(claim.id());
    }

    private <C extends CaseFile> List<EvidenceNeed> needs(CaseFiles.Read<C> read) {
        Determination determination = read.determine(policies.book(), Reasoning.silent());
        return read.programme().evidenceNeeds(read.file(), determination);
    }

    private Map<String, String> waivers(UUID claim) {
        return database
                .sql("select kind || '/' || subject as need, reason from evidence_waiver where claim_id = ?")
                .param(claim)
                .query((row, number) -> Map.entry(row.getString("need"), row.getString("reason")))
                .list()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    private static String nameOf(CaseFile file, String id) {
        return file.members().stream()
                .filter(member -> member.id().equals(id))
                .map(Member::name)
                .map(name -> name.full())
                .findFirst()
                .orElse("");
    }

    private static State state(List<Paper> papers) {
        if (papers.stream().anyMatch(paper -> paper.state() == Paper.State.ACCEPTED)) {
            return State.ACCEPTED;
        }
        if (papers.stream().anyMatch(paper -> paper.state() == Paper.State.RECEIVED)) {
            return State.RECEIVED;
        }
        return papers.isEmpty() ? State.ASKED_FOR : State.SENT_BACK;
    }

    private static String reason(List<Paper> papers) {
        return state(papers) == State.SENT_BACK ? papers.getLast().reason() : "";
    }
}
