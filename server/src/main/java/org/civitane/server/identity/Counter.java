package org.civitane.server.identity;

import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.core.identity.DocumentCategory;
import org.civitane.core.identity.DocumentType;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.Claims;
import org.civitane.server.papers.Original;
import org.civitane.server.papers.Originals;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Documents that are shown as originals at the counter. */
@Service
@Transactional
class Counter {
    private final ClaimActs acts;
    private final Claims claims;
    private final Originals originals;
    private final AgencyClock clock;

    Counter(ClaimActs acts, Claims claims, Originals originals, AgencyClock clock) {
        this.acts = acts;
        this.claims = claims;
        this.originals = originals;
        this.clock = clock;
    }

    /** An original was seen at the counter. @throws Problem when it counts for nothing, or what was compared is not said */
    void seen(UUID id, IdentityDeskController.AtCounter seen, SignedIn who) {
        acts.byStaff(id, who, Act.ESTABLISH, claim -> {
            if (DocumentType.named(seen.documentType()).category() == DocumentCategory.NONE) {
                throw Problem.invalid("documentType", Phrase.of("identity.no-such-document"));
            }
            if (seen.name().isBlank()) {
                throw Problem.invalid("name", Phrase.of("problem.reason"));
            }
            if (seen.compared().isBlank()) {
                throw Problem.invalid("compared", Phrase.of("problem.reason"));
            }
            originals.keep(
                    id,
                    new Original(
                            UUID.randomUUID(),
                            seen.documentType(),
                            claims.applicantMember(claim),
                            seen.name().strip(),
                            Optional.ofNullable(seen.dateOfBirth()),
                            Optional.ofNullable(seen.issuedOn()),
                            Optional.ofNullable(seen.expiresOn()),
                            seen.number().strip(),
                            seen.compared().strip(),
                            who.displayName(),
                            clock.instant()));
            claims.note(
                    id,
                    Actor.of(who),
                    "original-seen",
                    Phrase.of("history.original", Phrase.of("identity.type." + seen.documentType())));
            claims.touch(id);
            return claim;
        });
    }
}
