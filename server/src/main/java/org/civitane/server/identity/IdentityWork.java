package org.civitane.server.identity;

import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.Claims;
import org.civitane.server.doubts.Doubts;
import org.civitane.server.papers.Papers;
import org.civitane.server.papers.ShownValue;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a caseworker does about who someone is. */
@Service
@Transactional
class IdentityWork {
    private final ClaimActs acts;
    private final Claims claims;
    private final Papers papers;
    private final Doubts doubts;
    private final Comparisons comparisons;

    IdentityWork(ClaimActs acts, Claims claims, Papers papers, Doubts doubts, Comparisons comparisons) {
        this.acts = acts;
        this.claims = claims;
        this.papers = papers;
        this.doubts = doubts;
        this.comparisons = comparisons;
    }

    void accept(UUID id, UUID paper, SignedIn who) {
        acts.byStaff(id, who, Act.ESTABLISH, claim -> papers.judge(claim, paper, Optional.empty(), who));
    }

    /** Sends a document back, and asks for that one alone. @param at where on its first page is what is wrong */
    void sendBack(UUID id, UUID paper, String reason, Optional<ShownValue.Box> at, SignedIn who) {
        acts.byStaff(id, who, Act.ESTABLISH, claim -> {
            papers.judge(claim, paper, Optional.of(reason), who);
            at.ifPresent(place -> papers.faultAt(id, paper, place));
            doubts.askAgain(claim, reason, who);
            return claim;
        });
    }

    /** Pictures were compared by eye. @param words what was seen */
    void compared(UUID id, String words, SignedIn who) {
        acts.byStaff(id, who, Act.ESTABLISH, claim -> {
            if (words.isBlank()) {
                throw Problem.invalid("words", Phrase.of("problem.reason"));
            }
            comparisons.keep(id, words.strip(), who);
            claims.note(id, Actor.of(who), "identity-compared", Phrase.of("history.compared", words.strip()));
            claims.touch(id);
            return claim;
        });
    }
}
