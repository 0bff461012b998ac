package org.civitane.server.desk;

import org.civitane.server.claims.ClaimView;
import org.civitane.server.contact.Messages;
import org.civitane.server.corrections.FixLists;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.evidence.EvidenceList;
import org.civitane.server.household.Persons;
import org.civitane.server.links.FromOthers;
import org.civitane.server.verification.FactSheet;
import org.civitane.server.verification.Verification;
import org.springframework.stereotype.Component;

/** Reads a claim's situation, each part of it once. */
@Component
class Situations {
    private final Verification verification;
    private final FactSheet facts;
    private final EvidenceList evidence;
    private final FixLists fixLists;
    private final Messages messages;
    private final Persons persons;
    private final FromOthers fromOthers;

    Situations(
            Verification verification,
            FactSheet facts,
            EvidenceList evidence,
            FixLists fixLists,
            Messages messages,
            Persons persons,
            FromOthers fromOthers) {
        this.verification = verification;
        this.facts = facts;
        this.evidence = evidence;
        this.fixLists = fixLists;
        this.messages = messages;
        this.persons = persons;
        this.fromOthers = fromOthers;
    }

    Situation of(Dossier dossier) {
        ClaimView claim = dossier.claim();
        Verification.Review review = verification.of(dossier);
        return new Situation(
                dossier,
                review,
                facts.of(dossier, review),
                evidence.of(dossier),
                fixLists.of(claim.id()),
                dossier.asks().stream()
                        .filter(ask -> ask.state().isOpen())
                        .flatMap(ask -> ask.wish().stream())
                        .findFirst(),
                messages.unread(claim.id(), true),
                persons.open(claim.id()),
                persons.numbersOfOthersNaming(claim.id()),
                fromOthers.remarks(dossier),
                fromOthers.formsBack(dossier));
    }
}
