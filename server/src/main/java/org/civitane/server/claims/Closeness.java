package org.civitane.server.claims;

import java.sql.Timestamp;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.CodePrinted;
import org.civitane.server.access.SignedIn;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Who stands too close to a claim: nobody works on one of people they know, as far as they said so, and nobody decides one
 * whose applicant's account they printed a code for, since whoever holds that could have applied.
 */
@Component
class Closeness {
    private final JdbcClient database;
    private final AgencyClock clock;

    Closeness(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** How close somebody stands to a claim. */
    record Close(boolean knowsThem, boolean holdsCode) {
        /** Why somebody else has to do this; nothing where there is no reason. */
        Optional<Phrase> forbids(Act act) {
            return switch (act) {
                case TAKE, ESTABLISH, REVOKE -> known();
                case DECIDE ->
                    known().or(() -> holdsCode ? Optional.of(Phrase.of("problem.holds-code")) : Optional.empty());
                case ANSWER, CORRESPOND, WITHDRAW -> Optional.empty();
            };
        }

        private Optional<Phrase> known() {
            return knowsThem ? Optional.of(Phrase.of("problem.knows-them")) : Optional.empty();
        }
    }

    Close of(SignedIn who, ClaimView claim) {
        return database.sql("""
                        select exists (select from close_to where claim_id = :claim and account_id = :who),
                          exists (select from holds_code where applicant_id = :applicant and account_id = :who)""")
                .param("claim", claim.id())
                .param("applicant", claim.applicant())
                .param("who", who.account())
                .query((row, number) -> new Close(row.getBoolean(1), row.getBoolean(2)))
                .single();
    }

    /** Keeps that somebody knows the people of a claim. @return whether they had not said so before */
    boolean tell(UUID claim, SignedIn who) {
        return database.sql("insert into close_to (claim_id, account_id, at) values (?, ?, ?) on conflict do nothing")
                        .params(claim, who.account(), Timestamp.from(clock.instant()))
                        .update()
                > 0;
    }

    @EventListener
    void printed(CodePrinted event) {
        database.sql("insert into holds_code (applicant_id, account_id) values (?, ?) on conflict do nothing")
                .params(event.holder().account(), event.by().account())
                .update();
    }
}
