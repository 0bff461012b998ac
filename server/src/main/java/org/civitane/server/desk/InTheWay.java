package org.civitane.server.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
        evidence.of(claim).forEach(item -> paper(item).ifPresent(obstacles::add));
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
        obstacles.sort(java.util.Comparator.comparing(Obstacle::weight));
        return obstacles;
    }

    private Optional<Obstacle> paper(EvidenceItem item) {
        return switch (item.state()) {
            case RECEIVED -> Optional.of(paper(item, Obstacle.Weight.ANSWER, "way.paper-came"));
            case ASKED_FOR -> Optional.of(paper(item, Obstacle.Weight.WANTED, "way.paper-wanted"));
            case SENT_BACK -> Optional.of(paper(item, Obstacle.Weight.WANTED, "way.paper-sent-back"));
            case ACCEPTED, WAIVED -> Optional.empty();
        };
    }

    private Obstacle paper(EvidenceItem item, Obstacle.Weight weight, String detail) {
        String path = "papers/" + item.kind() + "/" + item.subject();
        return new Obstacle(weight, item.title(), texts.say(detail), path, Optional.empty());
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
                ? java.util.stream.Stream.of(fact.said(), fact.onRecord())
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
