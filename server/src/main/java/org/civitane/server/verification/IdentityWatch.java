package org.civitane.server.verification;

import java.sql.Timestamp;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimReceived;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.doubts.IdentityMayChange;
import org.civitane.server.evidence.EvidenceList;
import org.civitane.server.papers.PapersChanged;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.registers.Register;
import org.civitane.server.registers.RegisterAnswered;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Runs the identity check again whenever something it looks at changes, and tells of a new result. Someone whom the
 * register confirms need not show an identity document.
 */
@Component
class IdentityWatch {
    private static final Actor ACTOR = Actor.part("identity.actor");

    private final Verification verification;
    private final Claims claims;
    private final Dossiers dossiers;
    private final EvidenceList evidence;
    private final FoundFacts records;
    private final JdbcClient database;
    private final AgencyClock clock;

    IdentityWatch(
            Verification verification,
            Claims claims,
            Dossiers dossiers,
            EvidenceList evidence,
            FoundFacts records,
            JdbcClient database,
            AgencyClock clock) {
        this.verification = verification;
        this.claims = claims;
        this.dossiers = dossiers;
        this.evidence = evidence;
        this.records = records;
        this.database = database;
        this.clock = clock;
    }

    @EventListener
    void answered(RegisterAnswered event) {
        if (event.register() == Register.CIVIL) {
            check(event.claim());
        }
    }

    @EventListener
    void papersChanged(PapersChanged event) {
        check(event.claim());
    }

    @EventListener
    void mayChange(IdentityMayChange event) {
        check(event.claim());
    }

    /** A new edition of an application that was checked before. */
    @EventListener
    void received(ClaimReceived event) {
        if (before(event.claim()).isPresent()) {
            check(event.claim());
        }
    }

    private void check(UUID id) {
        ClaimView claim = claims.claim(id);
        if (!claim.state().isOpen()) {
            return;
        }
        IdentityReview review = verification.of(dossiers.of(claim)).identity();
        String basis = review.basis().map(Enum::name).orElse("");
        String now = review.result().name() + "/" + basis;
        if (before(id).filter(now::equals).isPresent()) {
            return;
        }
        database.sql("""
                        insert into identity_check (claim_id, result, basis, changed_at) values (?, ?, ?, ?)
                        on conflict (claim_id) do update set result = excluded.result, basis = excluded.basis, changed_at = excluded.changed_at""")
                .params(id, review.result().name(), basis, Timestamp.from(clock.instant()))
                .update();
        claims.note(id, ACTOR, "identity-checked", review.sentence());
        records.found(
                claim, Claims.programmeOf(claim).identityFact(), review.result().name(), review.sentence(), ACTOR);
        boolean byRegister = review.basis().equals(Optional.of(IdentityCheck.Basis.REGISTER));
        evidence.shownByRegister(claim, PaperKind.IDENTITY.code(), review.member(), byRegister);
    }

    private Optional<String> before(UUID claim) {
        return database.sql("select result || '/' || basis from identity_check where claim_id = ?")
                .param(claim)
                .query(String.class)
                .optional();
    }
}
