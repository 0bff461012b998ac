package org.civitane.server.dossier;

import java.util.List;
import java.util.UUID;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Claims of the same programme that the same person made before: from the same account, or where a caseworker has said
 * that it is the same person. One that was withdrawn or closed is none.
 */
@Component
class EarlierClaims {
    /** The newest, and as many as one person can have had any use for. */
    private static final int MOST = 50;

    private final JdbcClient database;
    private final Claims claims;

    EarlierClaims(JdbcClient database, Claims claims) {
        this.database = database;
        this.claims = claims;
    }

    /** Those received before a claim, the first one first. */
    List<ClaimView> before(ClaimView claim) {
        return views(database.sql("""
                        select c.id from claim c
                        where c.id in (
                            select id from claim where applicant_id = :account
                            union
                            select theirs.claim_id from claim_person mine
                              join claim_person theirs on theirs.person_id = mine.person_id
                            where mine.claim_id = :claim)
                          and c.programme = :programme and (c.received_at, c.number) < (:receivedAt, :number)
                          and c.state <> 'WITHDRAWN' and not c.closed
                        order by c.received_at desc, c.number desc limit :most""")
                .param("most", MOST)
                .param("account", claim.applicant())
                .param("claim", claim.id())
                .param("programme", claim.programme())
                .param("receivedAt", claim.receivedAt())
                .param("number", claim.number()));
    }

    /** All of an account, the first one first. */
    List<ClaimView> of(UUID account, String programme) {
        return views(
                database.sql("""
                        select id from claim
                        where applicant_id = :account and programme = :programme and state <> 'WITHDRAWN' and not closed
                        order by received_at desc, number desc limit :most""").param("most", MOST).param("account", account).param("programme", programme));
    }

    private List<ClaimView> views(JdbcClient.StatementSpec ids) {
        return ids.query(UUID.class).list().reversed().stream()
                .map(claims::claim)
                .toList();
    }
}
