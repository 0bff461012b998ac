package org.civitane.server.desk;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.casework.Wait;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.papers.EvidenceItem;
import org.civitane.server.papers.EvidenceList;
import org.civitane.server.platform.Texts;
import org.civitane.server.verification.Fact;
import org.civitane.server.verification.FactGroup;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Works out what stands between a claim and its decision, what matters first. */
@Component
class InTheWay {
    private final Claims claims;
    private final Determinations determinations;
    private final EvidenceList evidence;
    private final Texts texts;

    InTheWay(Claims claims, Determinations determinations, EvidenceList evidence, Texts texts) {
        this.claims = claims;
        this.determinations = determinations;
        this.evidence = evidence;
        this.texts = texts;
    }

    List<Obstacle> of(ClaimView claim, Determinations.Run run, List<FactGroup> facts) {
        List<Obstacle> obstacles = new ArrayList<>();
        run.determination().missing().forEach(code -> obstacles.add(missing(code, run)));
        facts.stream()
                .flatMap(group -> group.facts().stream())
                .forEach(fact -> open(claim, fact).ifPresent(obstacles::add));
        obstacles.addAll(papers(evidence.of(claim)));
        List<String> others = claims.numbersOfOthersNaming(claim.id());
        if (!others.isEmpty()) {
            obstacles.add(new Obstacle(
                    Obstacle.Weight.ANSWER,
                    texts.say("way.other-claim"),
                    texts.say("way.other-claim.detail", String.join(", ", others)),
                    "members",
                    Optional.empty()));
        }
        claim.waiting()
                .filter(wait -> wait.on() == Wait.On.APPLICANT)
                .ifPresent(wait -> obstacles.add(new Obstacle(
                        Obstacle.Weight.WANTED,
                        texts.say("way.fix-list"),
                        texts.say("way.fix-list.detail", DayNames.of(wait.until())),
                        "",
                        Optional.empty())));
        obstacles.sort(Comparator.comparing(Obstacle::weight));
        return obstacles;
    }

    /** One for all papers that came, one for all that are still to come; the list of papers says the rest. */
    private List<Obstacle> papers(List<EvidenceItem> items) {
        List<String> came = titles(items, Set.of(EvidenceItem.State.RECEIVED));
        List<String> wanted = titles(items, Set.of(EvidenceItem.State.ASKED_FOR, EvidenceItem.State.SENT_BACK));
        return Stream.of(
                        papers(Obstacle.Weight.ANSWER, "way.papers-came", came),
                        papers(Obstacle.Weight.WANTED, "way.papers-wanted", wanted))
                .flatMap(Optional::stream)
                .toList();
    }

    private Optional<Obstacle> papers(Obstacle.Weight weight, String title, List<String> titles) {
        return titles.isEmpty()
                ? Optional.empty()
                : Optional.of(new Obstacle(
                        weight,
                        texts.say(title, titles.size()),
                        String.join("; ", titles),
                        "papers",
                        Optional.empty()));
    }

    private static List<String> titles(List<EvidenceItem> items, Set<EvidenceItem.State> states) {
        return items.stream()
                .filter(item -> states.contains(item.state()))
                .map(EvidenceItem::title)
                .toList();
    }

    private Obstacle missing(String code, Determinations.Run run) {
        int colon = code.indexOf(':');
        String kind = colon < 0 ? code : code.substring(0, colon);
        String member = colon < 0 ? "" : code.substring(colon + 1);
        String name = run.nameOf(member);
        String text = kind.equals("signature") && !member.isEmpty() ? "signature-of" : kind;
        String path = switch (kind) {
            case "income" -> "members/" + member + "/incomes";
            case "signature", "signature-name" -> "signatures";
            case "signer-number" -> "signerNumber";
            case "resources", "expenses" -> kind;
            default -> "members";
        };
        boolean askable = !path.equals("members");
        return new Obstacle(
                Obstacle.Weight.ANSWER,
                texts.say("missing." + text, name),
                texts.say("missing." + text + ".detail", name),
                path,
                askable
                        ? Optional.of(new Obstacle.Suggestion(
                                texts.say("missing." + text, name),
                                texts.say("ask." + text, name),
                                texts.say("good." + text, name)))
                        : Optional.empty());
    }

    private Optional<Obstacle> open(ClaimView claim, Fact fact) {
        boolean differs = fact.state() == Fact.State.DIFFERS;
        if (!differs && fact.state() != Fact.State.AWAITED) {
            return Optional.empty();
        }
        List<JsonNode> values = differs
                ? Stream.of(fact.said(), fact.onRecord())
                        .flatMap(Optional::stream)
                        .map(Fact.Shown::value)
                        .flatMap(Optional::stream)
                        .toList()
                : List.of(tools.jackson.databind.node.BooleanNode.TRUE, tools.jackson.databind.node.BooleanNode.FALSE);
        boolean matters = determinations.matters(claim, new FactPath(fact.path()), values);
        String record = fact.onRecord().map(Fact.Shown::text).orElse("");
        String said = fact.said().map(Fact.Shown::text).orElse("");
        if (!matters) {
            return Optional.of(new Obstacle(
                    Obstacle.Weight.IMMATERIAL,
                    fact.label(),
                    texts.say("way.immaterial", said, record),
                    fact.path(),
                    Optional.empty()));
        }
        if (!differs) {
            return Optional.of(new Obstacle(
                    Obstacle.Weight.WANTED, texts.say("way.register"), record, fact.path(), Optional.empty()));
        }
        Obstacle.Suggestion ask =
                new Obstacle.Suggestion(fact.label(), texts.say("ask.benefit", said), texts.say("good.benefit"));
        return Optional.of(new Obstacle(
                Obstacle.Weight.ANSWER,
                fact.label(),
                texts.say("way.differs", said, record),
                "linkedBenefit",
                Optional.of(ask)));
    }
}
