package org.civitane.server.claims;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ClaimRepository extends Repository<Claim, UUID> {
    Claim save(Claim claim);

    Claim saveAndFlush(Claim claim);

    Optional<Claim> findById(UUID id);

    /** Until the transaction ends; rows that merely point at the claim may still be added meanwhile. */
    @Query(nativeQuery = true, value = "select id from claim where id = :id for no key update")
    Optional<UUID> hold(UUID id);

    List<Claim> findByApplicantIdOrderByReceivedAtDesc(UUID applicant);

    @Query(
            "select c from Claim c where c.applicantId = :applicant and c.programme = :programme and c.season = :season and c.state <> org.civitane.core.claim.ClaimState.WITHDRAWN and not c.closed")
    Optional<Claim> findOfSeason(UUID applicant, String programme, String season);

    @Query(
            "select c.id from Claim c where c.id > :after and c.state in (org.civitane.core.claim.ClaimState.SIGNING, org.civitane.core.claim.ClaimState.RECEIVED, org.civitane.core.claim.ClaimState.IN_REVIEW, org.civitane.core.claim.ClaimState.READY, org.civitane.core.claim.ClaimState.WAITING) order by c.id")
    List<UUID> findOpenAfter(UUID after, Limit most);
}
