package org.civitane.server.verification;

import java.util.List;
import java.util.Optional;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.fact.FactSpecs;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.Shape;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.evidence.EvidenceItem;
import org.civitane.server.evidence.EvidenceList;
import org.civitane.server.papers.PapersChanged;
import org.civitane.server.platform.Phrase;
import org.civitane.server.registers.Register;
import org.civitane.server.registers.RegisterAnswered;
import org.civitane.server.settlements.Settlements;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.BooleanNode;
import tools.jackson.databind.node.StringNode;

/**
 * Facts that nobody says and that are found out instead: what the identity check came to, what the police register
 * answered, and that a paper which was asked for is on file. Each is settled as soon as it is known.
 */
@Component
class FoundFacts {
    private static final Actor OFFICE = Actor.part("paper.actor");

    private final Claims claims;
    private final Settlements settlements;
    private final Dossiers dossiers;
    private final EvidenceList evidence;

    FoundFacts(Claims claims, Settlements settlements, Dossiers dossiers, EvidenceList evidence) {
        this.claims = claims;
        this.settlements = settlements;
        this.dossiers = dossiers;
        this.evidence = evidence;
    }

    /** Settles a fact by what was found, where the programme asks for it. */
    void found(ClaimView claim, Optional<String> fact, String code, Phrase reason, Actor by) {
        fact.ifPresent(name -> settle(claim, FactPath.of(name), StringNode.valueOf(code), reason, by));
    }

    @EventListener
    void answered(RegisterAnswered event) {
        ClaimView claim = claims.claim(event.claim());
        if (event.register() == Register.POLICE && claim.state().isOpen()) {
            String result = event.answer().path("result").asString("");
            found(
                    claim,
                    Claims.programmeOf(claim).policeFact(),
                    result,
                    Phrase.of("police." + result),
                    Actor.part("register.POLICE"));
        }
    }

    /** A paper that is accepted says yes to the fact it was asked for, where that is a yes or no of this office. */
    @EventListener
    void papersChanged(PapersChanged event) {
        ClaimView claim = claims.claim(event.claim());
        Programme<?> programme = Claims.programmeOf(claim);
        if (!claim.state().isOpen() || programme.facts().stream().noneMatch(FoundFacts::holdsOurYesOrNo)) {
            return;
        }
        Dossier dossier = dossiers.of(claim);
        List<EvidenceItem> items = evidence.of(dossier);
        for (EvidenceNeed need : evidence.needs(dossier)) {
            if (FactSpecs.named(programme.facts(), need.fact())
                    .filter(FoundFacts::isOurYesOrNo)
                    .isPresent()) {
                if (items.stream().anyMatch(item -> isAccepted(item, need))) {
                    settle(claim, need.fact(), BooleanNode.TRUE, Phrase.of("paper.on-file"), OFFICE);
                } else {
                    settlements.undo(claim, need.fact(), OFFICE);
                }
            }
        }
    }

    private static boolean holdsOurYesOrNo(FactSpec fact) {
        return isOurYesOrNo(fact)
                || fact.shape() instanceof Shape.Group group
                        && group.parts().stream().anyMatch(FoundFacts::isOurYesOrNo);
    }

    private static boolean isOurYesOrNo(FactSpec fact) {
        return fact.saidBy() == SaidBy.AGENCY && fact.shape() instanceof Shape.YesNo;
    }

    private static boolean isAccepted(EvidenceItem item, EvidenceNeed need) {
        return item.kind().equals(need.kind()) && item.state() == EvidenceItem.State.ACCEPTED;
    }

    /** Nothing is settled again to what it is already. */
    private void settle(ClaimView claim, FactPath path, JsonNode value, Phrase reason, Actor by) {
        boolean stands = settlements.standing(claim.id()).stream()
                .anyMatch(each -> each.path().equals(path) && each.value().equals(value));
        if (!stands) {
            settlements.settleByRegister(claim, path, value, reason, by);
        }
    }
}
