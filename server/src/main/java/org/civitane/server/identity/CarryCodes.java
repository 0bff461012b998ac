package org.civitane.server.identity;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.Accounts;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Digest;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.SquareCode;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Codes by which whoever began at a computer goes on with the camera of a phone: good for a quarter of an hour, once,
 * and for the pictures of one claim only.
 */
@Service
@Transactional
class CarryCodes {
    private static final Duration GOOD_FOR = Duration.ofMinutes(15);

    private final JdbcClient database;
    private final ClaimActs acts;
    private final Accounts accounts;
    private final AgencyClock clock;
    private final String address;

    CarryCodes(
            JdbcClient database,
            ClaimActs acts,
            Accounts accounts,
            AgencyClock clock,
            @Value("${civitane.address}") String address) {
        this.database = database;
        this.acts = acts;
        this.accounts = accounts;
        this.clock = clock;
        this.address = address;
    }

    /** @param code the address as a square code, itself the address of a picture */
    record CarryCode(String address, String code, Instant until) {}

    /** What a code is good for. */
    record Carried(SignedIn applicant, UUID claim) {}

    /** A new code for a claim; the one before is good no more. */
    CarryCode make(SignedIn applicant, UUID claim) {
        UUID own = acts.byApplicant(claim, applicant, Act.ANSWER, ClaimView::id);
        String token = Digest.newToken();
        Instant until = clock.instant().plus(GOOD_FOR);
        database.sql("""
                        insert into identity_carry (claim_id, account_id, digest, until) values (?, ?, ?, ?)
                        on conflict (claim_id) do update set account_id = excluded.account_id, digest = excluded.digest,
                          until = excluded.until""")
                .params(own, applicant.account(), Digest.of(token), Timestamp.from(until))
                .update();
        String whole = address + "/carry#" + token;
        return new CarryCode(whole, SquareCode.inline(whole), until);
    }

    /** What a code is good for; it stays so. @throws Problem when it was used or has run out */
    @Transactional(readOnly = true)
    Carried look(String token) {
        return database.sql("select account_id, claim_id from identity_carry where digest = ? and until > ?")
                .params(Digest.of(token), Timestamp.from(clock.instant()))
                .query(this::carried)
                .optional()
                .orElseThrow(CarryCodes::runOut);
    }

    /** Uses a code up. @throws Problem when it was used or has run out */
    Carried use(String token) {
        return database.sql("delete from identity_carry where digest = ? and until > ? returning account_id, claim_id")
                .params(Digest.of(token), Timestamp.from(clock.instant()))
                .query(this::carried)
                .optional()
                .orElseThrow(CarryCodes::runOut);
    }

    private Carried carried(ResultSet row, int number) throws SQLException {
        return new Carried(
                accounts.account(row.getObject("account_id", UUID.class)), row.getObject("claim_id", UUID.class));
    }

    private static Problem runOut() {
        return Problem.forbidden("carry", Phrase.of("identity.carry"));
    }
}
