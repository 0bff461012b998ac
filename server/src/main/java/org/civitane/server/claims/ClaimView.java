package org.civitane.server.claims;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.platform.Phrase;

/**
 * A claim as it stood when it was read.
 *
 * @param receivedAt the moment of handing in, local agency time
 * @param dueBy the day by which it must be decided, as determined; stays
 * @param decideBy the day by which the desk means to decide: the same, unless an answer is given more time
 * @param owner the caseworker who has it
 * @param waiting whom it waits for, while it waits
 * @param edition the number of its newest edition, from 1
 * @param closed decided by closing it as incomplete
 * @param urgent the household cannot wait; found out when it was handed in
 * @param held while misuse is looked into nothing is decided, paid or made out; a decided claim may be held, too
 * @param version grows with every change; a change is refused when it names another
 */
public record ClaimView(
        UUID id,
        String number,
        String programme,
        Optional<String> season,
        UUID applicant,
        String householdName,
        ClaimState state,
        LocalDateTime receivedAt,
        LocalDate receivedOn,
        LocalDate dueBy,
        LocalDate decideBy,
        Optional<UUID> owner,
        Optional<Wait> waiting,
        Optional<Instant> cameBackAt,
        Phrase nextStep,
        NextAction nextAction,
        int edition,
        boolean closed,
        boolean urgent,
        boolean held,
        Optional<Instant> decidedAt,
        int version) {}
