package org.civitane.server.desk;

import java.util.List;
import java.util.Optional;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.contact.Messages;
import org.civitane.server.corrections.Extensions;
import org.civitane.server.corrections.FixList;
import org.civitane.server.corrections.FixLists;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.household.Persons;
import org.civitane.server.papers.EvidenceList;
import org.civitane.server.verification.FactSheet;
import org.civitane.server.verification.Verification;
import org.springframework.stereotype.Component;

/** Reads a claim's situation, each part of it once. */
@Component
class Situations {
    private final Claims claims;
    private final Determinations determinations;
    private final Verification verification;
    private final FactSheet facts;
    private final EvidenceList evidence;
    private final FixLists fixLists;
    private final Extensions extensions;
    private final Messages messages;
    private final Persons persons;

    Situations(
            Claims claims,
            Determinations determinations,
            Verification verification,
            FactSheet facts,
            EvidenceList evidence,
            FixLists fixLists,
            Extensions extensions,
            Messages messages,
            Persons persons) {
        this.claims = claims;
        this.determinations = determinations;
        this.verification = verification;
        this.facts = facts;
        this.evidence = evidence;
        this.fixLists = fixLists;
        this.extensions = extensions;
        this.messages = messages;
        this.persons = persons;
    }

    Situation of(ClaimView claim) {
        Verification.Review review = verification.of(claim);
        List<FixList> lists = fixLists.of(claim.id());
        return new Situation(
                claim,
                determinations.current(claim),
                review,
                facts.of(claim, review),
                evidence.of(claim),
                lists,
                moreTime(lists),
                messages.unread(claim.id(), true),
                persons.open(claim.id()),
                claims.numbersOfOthersNaming(claim.id()));
    }

    private Optional<Extensions.MoreTime> moreTime(List<FixList> lists) {
        return lists.stream()
                .findFirst()
                .filter(list -> list.state() == FixList.State.SENT)
                .flatMap(list -> extensions.of(list.id()).stream()
                        .filter(asked -> asked.state() == Extensions.MoreTime.State.ASKED)
                        .findFirst());
    }
}
