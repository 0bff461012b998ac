package org.civitane.server.links;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.BringsBack;
import org.civitane.server.claims.CameUp;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What those who sign say is not right, and what others answered after the decision: it changes nothing by itself, and a
 * caseworker looks at it.
 */
@Service
@Transactional
class Remarks implements BringsBack {
    private static final int LONGEST_REASON = 500;

    private final JdbcClient database;
    private final Claims claims;
    private final AgencyClock clock;

    Remarks(JdbcClient database, Claims claims, AgencyClock clock) {
        this.database = database;
        this.claims = claims;
        this.clock = clock;
    }

    /** All of a claim, as they were made; none where nobody else was asked. */
    @Transactional(readOnly = true)
    List<Remark> of(Dossier dossier) {
        return dossier.asks().stream().anyMatch(ask -> ask.kind().isByLink())
                ? of(dossier.claim().id())
                : List.of();
    }

    /** Those that nobody has looked at, and whose fact is not settled. */
    @Transactional(readOnly = true)
    List<Remark> open(Dossier dossier) {
        return of(dossier).stream()
                .filter(remark -> remark.lookedBy().isEmpty()
                        && dossier.settlements().stream()
                                .noneMatch(settled -> settled.path().path().equals(remark.path())))
                .toList();
    }

    @Override
    public List<CameUp> cameUp(ClaimView claim) {
        boolean unread = of(claim.id()).stream()
                .anyMatch(remark -> remark.after() && remark.lookedBy().isEmpty());
        return unread ? List.of(new CameUp(CameUp.Kind.WORD, Phrase.of("next.word-after"))) : List.of();
    }

    void keep(UUID claim, String member, String path, String label, String words, Instant at) {
        database.sql(
                        "insert into said_otherwise (id, claim_id, member, path, label, words, at) values (?, ?, ?, ?, ?, ?, ?)")
                .params(UUID.randomUUID(), claim, member, path, label, words, Timestamp.from(at))
                .update();
    }

    /** A caseworker looked at it. Said again, nothing changes. @param reason what they found */
    void look(ClaimView claim, UUID id, String reason, SignedIn caseworker) {
        if (reason.isBlank() || reason.length() > LONGEST_REASON) {
            throw Problem.invalid("reason", Phrase.of("problem.reason"));
        }
        Remark remark = of(claim.id()).stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Problem.notFound(Phrase.of("remark.none")));
        if (remark.lookedBy().isEmpty()) {
            database.sql("update said_otherwise set looked_by = ?, looked_at = ?, reason = ? where id = ?")
                    .params(caseworker.displayName(), Timestamp.from(clock.instant()), reason.strip(), id)
                    .update();
            claims.note(
                    claim.id(),
                    Actor.of(caseworker),
                    "remark-looked-at",
                    Phrase.of("history.remark-looked-at", remark.label(), reason.strip()));
            claims.touch(claim.id());
        }
    }

    private List<Remark> of(UUID claim) {
        return database.sql("""
                        select s.*, coalesce(s.at >= c.decided_at, false) as came_after
                        from said_otherwise s join claim c on c.id = s.claim_id where s.claim_id = ? order by s.at, s.path, s.id""")
                .param(claim)
                .query((row, number) -> new Remark(
                        row.getObject("id", UUID.class),
                        row.getString("member"),
                        row.getString("path"),
                        row.getString("label"),
                        row.getString("words"),
                        row.getTimestamp("at").toInstant(),
                        row.getBoolean("came_after"),
                        Optional.ofNullable(row.getString("looked_by")),
                        row.getString("reason")))
                .list();
    }
}
