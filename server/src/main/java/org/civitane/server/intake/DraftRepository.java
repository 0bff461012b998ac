package org.civitane.server.intake;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface DraftRepository extends Repository<Draft, UUID> {
    Draft saveAndFlush(Draft draft);

    Optional<Draft> findById(UUID id);

    /** Held for the rest of the transaction, so that two who hand in come one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select d from Draft d where d.id = :id")
    Optional<Draft> findAndHold(UUID id);

    @Query("select d from Draft d where d.accountId = :account and d.claimId is null order by d.savedAt desc")
    List<Draft> findOpen(UUID account);
}
