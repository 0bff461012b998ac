package org.civitane.server.following;

import java.util.Optional;
import java.util.UUID;
import org.civitane.server.claims.Claims;
import org.civitane.server.links.SaidAfter;
import org.civitane.server.platform.Phrase;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** A decided claim stands on the day sheet while someone has to look at what follows it. */
@Component
class Attention {
    private final JdbcClient database;
    private final Claims claims;

    Attention(JdbcClient database, Claims claims) {
        this.database = database;
        this.claims = claims;
    }

    @EventListener
    void said(SaidAfter event) {
        if (claims.claim(event.claim()).decidedAt().isPresent()) {
            to(event.claim());
        }
    }

    /** What the bank did first, then what others said, then what is due. */
    void to(UUID claim) {
        claims.lookAgain(claim, why(claim));
    }

    private Optional<Phrase> why(UUID claim) {
        return database.sql("""
                        select 'next.payment-questioned' from payment where claim_id = :claim and state = 'QUESTIONED'
                        union all select 'next.account-wanted' from payment p where claim_id = :claim and whom <> ''
                          and (state = 'RETURNED'
                               or state = 'PLANNED' and not exists (select from payee y where y.claim_id = p.claim_id and y.whom = p.whom))
                        union all select 'next.overpayment' from overpayment where claim_id = :claim and state = 'FOUND'
                        union all select 'next.hours-beyond' from told_week
                          where claim_id = :claim and beyond is not null and looked_by is null
                        union all select 'next.word-after' from said_otherwise s join claim c on c.id = s.claim_id
                          where s.claim_id = :claim and s.at >= c.decided_at and s.looked_by is null
                        union all select 'next.follow-up' from follow_up where claim_id = :claim and state = 'DUE'
                        limit 1""")
                .param("claim", claim)
                .query(String.class)
                .optional()
                .map(Phrase::of);
    }
}
