package org.civitane.server.secondlook;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.registers.Register;
import org.civitane.server.registers.RegisterRequest;
import org.civitane.server.settlements.Settlements;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.node.StringNode;

/**
 * Whether someone whom the police register holds is the applicant. Two people say what they think, each without knowing of
 * the other; where they agree the fact is settled by that, and where they do not a supervisor, who is neither, decides.
 */
@Service
@Transactional
class SecondLooks {
    private static final String POSSIBLE = "POSSIBLE_MATCH";
    private static final int TWO = 2;
    private static final UUID NOT_ASKED = new UUID(0, 0);
    private static final int MOST_WANTED = 20;
    private static final int LONGEST_REASON = 2000;

    private final JdbcClient database;
    private final Dossiers dossiers;
    private final Settlements settlements;
    private final Claims claims;
    private final AgencyClock clock;

    SecondLooks(JdbcClient database, Dossiers dossiers, Settlements settlements, Claims claims, AgencyClock clock) {
        this.database = database;
        this.dossiers = dossiers;
        this.settlements = settlements;
        this.claims = claims;
        this.clock = clock;
    }

    /** What was said so far of the register's newest answer, in its order. */
    @Transactional(readOnly = true)
    List<Opinion> of(Dossier dossier) {
        return database.sql("""
                        select l.reader_id, a.display_name, l.opinion, l.reason, l.at from second_look l
                        join account a on a.id = l.reader_id where l.request_id = ? order by l.at""")
                .param(request(dossier))
                .query((row, number) -> new Opinion(
                        row.getObject(1, UUID.class),
                        row.getString(2),
                        Opinion.Of.valueOf(row.getString(3)),
                        row.getString(4),
                        row.getTimestamp(5).toInstant()))
                .list();
    }

    /**
     * A claim on which someone's opinion is wanted.
     *
     * @param since when the first opinion was said
     */
    record LookWanted(UUID claim, String number, String household, Instant since) {}

    /** Where another has said what they think and this one has not; for a supervisor also where two do not agree. */
    @Transactional(readOnly = true)
    List<LookWanted> wantedOf(SignedIn who) {
        return database.sql("""
                        select c.id, c.number, c.household_name, min(l.at) from second_look l
                        join register_request r on r.id = l.request_id join claim c on c.id = r.claim_id
                        where c.decided_at is null and c.state <> 'WITHDRAWN'
                          and not exists (select from register_request n where n.claim_id = c.id and n.register = r.register
                                          and n.asked_at > r.asked_at)
                        group by c.id, c.number, c.household_name
                        having not bool_or(l.reader_id = :me)
                          and (count(*) = 1 or :supervisor and count(*) = 2 and count(distinct l.opinion) = 2)
                        order by min(l.at) limit :most""")
                .param("me", who.account())
                .param("supervisor", who.role() == Role.SUPERVISOR)
                .param("most", MOST_WANTED)
                .query((row, number) -> new LookWanted(
                        row.getObject(1, UUID.class),
                        row.getString(2),
                        row.getString(3),
                        row.getTimestamp(4).toInstant()))
                .list();
    }

    /** Whether the register holds someone who may be the applicant, and it is open whether they are. */
    @Transactional(readOnly = true)
    boolean isWanted(Dossier dossier) {
        return Claims.programmeOf(dossier.claim())
                .policeFact()
                .map(fact -> dossier.settled().json().path(fact).asString(""))
                .filter(POSSIBLE::equals)
                .isPresent();
    }

    /** The register's question whose answer is looked at; none that could be mistaken where it was not asked. */
    private static UUID request(Dossier dossier) {
        return dossier.requests().stream()
                .filter(request -> request.register() == Register.POLICE)
                .map(RegisterRequest::id)
                .findFirst()
                .orElse(NOT_ASKED);
    }

    /** Two have said that they do not agree. */
    static boolean isSplit(List<Opinion> opinions) {
        return opinions.size() == TWO && opinions.get(0).of() != opinions.get(1).of();
    }

    /** Someone says what they think, once. @throws Problem when it is not theirs to say, or is said already */
    void say(ClaimView claim, Opinion.Of opinion, String reason, SignedIn who) {
        Dossier dossier = dossiers.of(claim);
        List<Opinion> before = of(dossier);
        if (!isWanted(dossier)) {
            throw Problem.conflict("no-second-look", Phrase.of("look.not-wanted"));
        }
        if (reason.isBlank() || reason.length() > LONGEST_REASON) {
            throw Problem.invalid("reason", Phrase.of("problem.reason"));
        }
        if (before.stream().anyMatch(each -> each.reader().equals(who.account()))) {
            throw Problem.conflict("said-already", Phrase.of("look.said-already"));
        }
        if (before.size() >= TWO && !(isSplit(before) && who.role() == Role.SUPERVISOR)) {
            throw Problem.conflict("supervisor", Phrase.of("look.supervisor"));
        }
        database.sql("insert into second_look (request_id, reader_id, opinion, reason, at) values (?, ?, ?, ?, ?)")
                .params(
                        request(dossier),
                        who.account(),
                        opinion.name(),
                        reason.strip(),
                        Timestamp.from(clock.instant()))
                .update();
        claims.note(claim.id(), Actor.of(who), "looked", Phrase.of("history.looked"));
        boolean first = before.isEmpty();
        boolean split = before.size() == 1 && before.getFirst().of() != opinion;
        if (first) {
            claims.touch(claim.id());
        } else if (split) {
            claims.note(claim.id(), Actor.of(who), "look-split", Phrase.of("history.look-split"));
            claims.touch(claim.id());
        } else {
            settle(claim, opinion, who);
        }
    }

    private void settle(ClaimView claim, Opinion.Of opinion, SignedIn who) {
        String fact = Claims.programmeOf(claim).policeFact().orElseThrow();
        settlements.settleByRegister(
                claim,
                FactPath.of(fact),
                StringNode.valueOf(opinion == Opinion.Of.SAME ? "ENTRIES" : "CLEAR"),
                Phrase.of("look.settled." + opinion),
                Actor.of(who));
    }
}
