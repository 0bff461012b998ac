package org.civitane.server.following;

import java.util.List;
import org.civitane.server.claims.BringsBack;
import org.civitane.server.claims.CameUp;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.platform.Phrase;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** What follows a decision has to be looked at where the bank did otherwise, an account is wanted, or something is due. */
@Component
class FollowingBringsBack implements BringsBack {
    private final JdbcClient database;

    FollowingBringsBack(JdbcClient database) {
        this.database = database;
    }

    @Override
    public List<CameUp> cameUp(ClaimView claim) {
        return database.sql("""
                        select distinct 'PAYMENT' as kind, 'next.payment-questioned' as what from payment
                          where claim_id = :claim and state = 'QUESTIONED'
                        union all select distinct 'PAYMENT', 'next.account-wanted' from payment p
                          where claim_id = :claim and whom <> ''
                          and (state = 'RETURNED'
                               or state = 'PLANNED' and not exists (select from payee y where y.claim_id = p.claim_id and y.whom = p.whom))
                        union all select distinct 'OVERPAYMENT', 'next.overpayment' from overpayment
                          where claim_id = :claim and state = 'FOUND'
                        union all select distinct 'FOLLOW_UP', 'next.follow-up' from follow_up
                          where claim_id = :claim and state = 'DUE'""")
                .param("claim", claim.id())
                .query((row, number) ->
                        new CameUp(CameUp.Kind.valueOf(row.getString("kind")), Phrase.of(row.getString("what"))))
                .list();
    }
}
