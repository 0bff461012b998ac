package org.civitane.server.claims;

import java.sql.Timestamp;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.Accounts;
import org.civitane.server.access.SignedIn;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Who stands too close to a claim: nobody works on one of people they know, as far as they said so, and nobody decides one
 * whose applicant's account they printed a code for, since whoever holds that could have applied.
 */
@Component
class Closeness {
    private final JdbcClient database;
    private final Accounts accounts;
    private final AgencyClock clock;

    Closeness(JdbcClient database, Accounts accounts, AgencyClock clock) {
        this.database = database;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** Why somebody else has to do this; nothing where there is no reason. */
    Optional<Phrase> forbids(SignedIn who, Act act, ClaimView claim) {
        return switch (act) {
            case TAKE, ESTABLISH -> knows(who, claim);
            case DECIDE ->
                knows(who, claim)
                        .or(() -> accounts.printedACodeFor(claim.applicant(), who)
                                ? Optional.of(Phrase.of("problem.holds-code"))
                                : Optional.empty());
            case ANSWER, CORRESPOND, WITHDRAW -> Optional.empty();
        };
    }

    private Optional<Phrase> knows(SignedIn who, ClaimView claim) {
        boolean said = database.sql("select exists (select from close_to where claim_id = ? and account_id = ?)")
                .params(claim.id(), who.account())
                .query(Boolean.class)
                .single();
        return said ? Optional.of(Phrase.of("problem.knows-them")) : Optional.empty();
    }

    /** Keeps that somebody knows the people of a claim. @return whether they had not said so before */
    boolean tell(UUID claim, SignedIn who) {
        return database.sql("insert into close_to (claim_id, account_id, at) values (?, ?, ?) on conflict do nothing")
                        .params(claim, who.account(), Timestamp.from(clock.instant()))
                        .update()
                > 0;
    }
}
