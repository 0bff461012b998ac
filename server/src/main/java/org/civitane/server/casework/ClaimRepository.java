package org.civitane.server.casework;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ClaimRepository extends Repository<Claim, UUID> {
    Claim save(Claim claim);

    Claim saveAndFlush(Claim claim);

    Optional<Claim> findById(UUID id);

    List<Claim> findByApplicantIdOrderByReceivedAtDesc(UUID applicant);

    @Query(
            "select c from Claim c where c.applicantId = :applicant and c.programme = :programme and c.season = :season and c.state <> org.civitane.core.claim.ClaimState.WITHDRAWN and not c.closed")
    Optional<Claim> findOfSeason(UUID applicant, String programme, String season);
}
