package org.civitane.server.desk;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.civitane.core.amount.Money;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.determinations.Impact;
import org.civitane.server.determinations.Impacts;
import org.civitane.server.determinations.Run;
import org.civitane.server.doubts.Doubt;
import org.civitane.server.evidence.EvidenceItem;
import org.civitane.server.links.Remark;
import org.civitane.server.platform.Phrase;
import org.civitane.server.registers.RegisterRequest;
import org.civitane.server.verification.Fact;
import org.civitane.server.verification.IdentityReview;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.BooleanNode;

/** Works out what stands between a claim and its decision, what matters first. */
@Component
class InTheWay {
    private final Impacts impacts;

    InTheWay(Impacts impacts) {
        this.impacts = impacts;
    }

    List<Obstacle> of(Situation now) {
        List<Obstacle> obstacles = new ArrayList<>();
        now.run().determination().missing().forEach(code -> obstacles.add(Lacking.of(code, now.run(), now.dossier())));
        now.formsBack()
                .forEach(ask -> obstacles.add(plain(
                        Obstacle.Weight.ANSWER,
                        Obstacle.Kind.OTHERS,
                        Phrase.of("way.form", ask.what()),
                        Phrase.of("way.form.detail"),
                        ask.whom())));
        now.remarks().forEach(remark -> obstacles.add(remark(remark, now.run())));
        obstacles.addAll(facts(now));
        obstacles.addAll(papers(now.evidence()));
        now.review().requests().stream()
                .filter(RegisterRequest::isAwaited)
                .forEach(request -> obstacles.add(register(request, now.run())));
        identity(now).ifPresent(obstacles::add);
        obstacles.addAll(people(now));
        fromApplicant(now).ifPresent(obstacles::add);
        obstacles.sort(Comparator.comparing(Obstacle::weight));
        return obstacles;
    }

    /** Someone disputed or suspected stands in the way of any decision; someone not confirmed only where that is asked for. */
    private Optional<Obstacle> identity(Situation now) {
        IdentityReview identity = now.review().identity();
        boolean asked = now.evidence().stream().anyMatch(item -> item.kind().equals(PaperKind.IDENTITY.code()));
        Obstacle.Weight weight = switch (identity.result()) {
            case DISPUTED, MISUSE_SUSPECTED -> Obstacle.Weight.ANSWER;
            case UNCONFIRMED -> Obstacle.Weight.WANTED;
            case CONFIRMED -> Obstacle.Weight.IMMATERIAL;
        };
        boolean stands = weight == Obstacle.Weight.ANSWER
                || weight == Obstacle.Weight.WANTED && asked && !identity.awaited() && !isWaived(now);
        boolean settled = identity.result() == IdentityCheck.Result.DISPUTED && (isWaived(now) || wasAsked(now));
        return stands && !settled
                ? Optional.of(plain(
                        weight,
                        Obstacle.Kind.IDENTITY,
                        Phrase.of("way.identity"),
                        identity.needs().isEmpty()
                                ? identity.sentence()
                                : Phrase.several(
                                        List.of(
                                                identity.sentence(),
                                                Phrase.of("way.needs", Phrase.several(identity.needs(), ", "))),
                                        " "),
                        ""))
                : Optional.empty();
    }

    /** The person said that they filed it, or let the time lapse: it is decided on what is there. */
    private static boolean wasAsked(Situation now) {
        return now.review()
                .doubt()
                .map(Doubt::state)
                .filter(state -> switch (state) {
                    case FILED, SHOWN, LAPSED -> true;
                    case ASKED, NOT_ME -> false;
                })
                .isPresent();
    }

    private static boolean isWaived(Situation now) {
        return now.evidence().stream()
                .anyMatch(item ->
                        item.kind().equals(PaperKind.IDENTITY.code()) && item.state() == EvidenceItem.State.WAIVED);
    }

    private List<Obstacle> people(Situation now) {
        List<Obstacle> obstacles = new ArrayList<>();
        if (!now.otherClaims().isEmpty()) {
            obstacles.add(plain(
                    Obstacle.Weight.ANSWER,
                    Obstacle.Kind.OTHER_CLAIM,
                    Phrase.of("way.other-claim"),
                    Phrase.of("way.other-claim.detail", String.join(", ", now.otherClaims())),
                    "members"));
        }
        now.dossier()
                .overlaps()
                .forEach(overlap -> obstacles.add(plain(
                        Obstacle.Weight.ANSWER,
                        Obstacle.Kind.OTHER_CLAIM,
                        Phrase.of("way.overlap", overlap.number()),
                        Phrase.of(
                                "way.overlap.detail",
                                overlap.days(),
                                Phrase.full(overlap.first()),
                                Phrase.full(overlap.last())),
                        "")));
        if (now.unread() > 0) {
            obstacles.add(plain(
                    Obstacle.Weight.ANSWER,
                    Obstacle.Kind.MESSAGE,
                    Phrase.of("way.message", now.unread()),
                    Phrase.of("way.message.detail"),
                    ""));
        }
        if (now.proposedMatches() > 0) {
            obstacles.add(plain(
                    Obstacle.Weight.IMMATERIAL,
                    Obstacle.Kind.MATCH,
                    Phrase.of("way.match", now.proposedMatches()),
                    Phrase.of("way.match.detail"),
                    ""));
        }
        return obstacles;
    }

    private static Obstacle remark(Remark remark, Run run) {
        return plain(
                Obstacle.Weight.ANSWER,
                Obstacle.Kind.REMARK,
                Phrase.of("way.remark", run.nameOf(remark.member()), remark.label()),
                Phrase.text(remark.words()),
                remark.path());
    }

    private Optional<Obstacle> fromApplicant(Situation now) {
        if (now.moreTime().isPresent()) {
            return now.moreTime()
                    .map(asked -> plain(
                            Obstacle.Weight.ANSWER,
                            Obstacle.Kind.MORE_TIME,
                            Phrase.of("way.more-time", asked.days()),
                            Phrase.text(asked.why()),
                            ""));
        }
        return now.dossier()
                .firstAsk()
                .filter(ask -> ask.kind().holdsUp())
                .map(ask -> plain(
                        Obstacle.Weight.WANTED,
                        Obstacle.Kind.FIX_LIST,
                        Phrase.of("way.ask." + ask.kind()),
                        Phrase.of("way.ask.detail", Phrase.full(ask.dueOn())),
                        ""));
    }

    /** One for all papers that came, one for all that are still to come; the list of papers says the rest. */
    private List<Obstacle> papers(List<EvidenceItem> items) {
        List<EvidenceItem> came = items.stream()
                .filter(item -> item.state() == EvidenceItem.State.RECEIVED)
                .toList();
        List<EvidenceItem> wanted =
                items.stream().filter(EvidenceItem::isWanted).toList();
        return Stream.of(
                        papers(Obstacle.Weight.ANSWER, Obstacle.Kind.PAPERS_CAME, "way.papers-came", came),
                        papers(Obstacle.Weight.WANTED, Obstacle.Kind.PAPERS_WANTED, "way.papers-wanted", wanted))
                .flatMap(Optional::stream)
                .toList();
    }

    private Optional<Obstacle> papers(
            Obstacle.Weight weight, Obstacle.Kind kind, String title, List<EvidenceItem> items) {
        return items.isEmpty()
                ? Optional.empty()
                : Optional.of(plain(
                        weight,
                        kind,
                        Phrase.of(title, items.size()),
                        Phrase.several(items.stream().map(EvidenceItem::title).toList(), "; "),
                        "papers"));
    }

    private Obstacle register(RegisterRequest request, Run run) {
        Phrase title = Phrase.of("way.register." + request.register(), run.nameOf(request.subject()));
        Phrase detail = request.state() == RegisterRequest.State.SILENT
                ? Phrase.of("register.silent", request.attempts())
                : Phrase.of("register.asking");
        return plain(
                Obstacle.Weight.WANTED,
                Obstacle.Kind.REGISTER,
                title,
                detail,
                request.id().toString());
    }

    /** The facts whose views differ, and those on which a register has the word and has not spoken, with what hangs on each. */
    private List<Obstacle> facts(Situation now) {
        Map<FactPath, Fact> open = new LinkedHashMap<>();
        Map<FactPath, List<JsonNode>> values = new LinkedHashMap<>();
        now.facts().stream().flatMap(group -> group.facts().stream()).forEach(fact -> {
            if (fact.state() == Fact.State.DIFFERS || fact.state() == Fact.State.AWAITED) {
                open.put(new FactPath(fact.path()), fact);
                values.put(new FactPath(fact.path()), values(fact));
            }
        });
        List<Obstacle> obstacles = new ArrayList<>();
        impacts.of(now.dossier().settled().json(), values)
                .forEach((path, impact) -> obstacles.add(open(open.get(path), impact)));
        return obstacles;
    }

    /** What a fact could turn out to be: each of its views; for one that a register has to confirm, either. */
    private static List<JsonNode> values(Fact fact) {
        return fact.state() == Fact.State.AWAITED
                ? List.of(BooleanNode.TRUE, BooleanNode.FALSE)
                : Stream.concat(
                                Stream.of(fact.said(), fact.shown(), fact.onRecord())
                                        .flatMap(Optional::stream)
                                        .map(Fact.Shown::value)
                                        .flatMap(Optional::stream),
                                fact.beyond().stream())
                        .toList();
    }

    private Obstacle open(Fact fact, Impact impact) {
        Obstacle.Weight weight = switch (impact.kind()) {
            case NOTHING -> Obstacle.Weight.IMMATERIAL;
            case AMOUNT -> Obstacle.Weight.AMOUNT;
            case ANSWER -> fact.state() == Fact.State.AWAITED ? Obstacle.Weight.WANTED : Obstacle.Weight.ANSWER;
        };
        return new Obstacle(
                weight,
                Obstacle.Kind.FACT,
                fact.label(),
                detail(fact),
                words(impact),
                fact.path(),
                weight == Obstacle.Weight.IMMATERIAL
                        ? Optional.empty()
                        : fact.ask()
                                .map(ask ->
                                        new Obstacle.Suggestion(ask.path(), ask.title(), ask.reason(), ask.good())));
    }

    private static Phrase detail(Fact fact) {
        return Stream.of(
                        fact.said().map(InTheWay::said),
                        fact.shown().map(shown -> Phrase.of("way.shown", shown.text())),
                        fact.onRecord().map(shown -> Phrase.of("way.record", shown.text())))
                .flatMap(Optional::stream)
                .collect(Collectors.collectingAndThen(Collectors.toList(), parts -> Phrase.several(parts, " ")));
    }

    private static Phrase said(Fact.Shown said) {
        return said.note()
                .map(monthly -> Phrase.of("way.said-monthly", said.text(), monthly))
                .orElseGet(() -> Phrase.of("way.said", said.text()));
    }

    /** What is paid in all may stay the same where it is made up otherwise. */
    private static Phrase amount(Money least, Money greatest) {
        return least.equals(greatest)
                ? Phrase.of("impact.made-up", least)
                : Phrase.of("impact.amount", least, greatest);
    }

    private static Phrase words(Impact impact) {
        return switch (impact.kind()) {
            case NOTHING -> Phrase.of("impact.nothing");
            case AMOUNT ->
                amount(impact.least().orElse(Money.ZERO), impact.greatest().orElse(Money.ZERO));
            case ANSWER -> impact.together() ? Phrase.of("impact.together") : answer(impact.outcomes());
        };
    }

    /** With one outcome in words it is the ground or the time of it that changes. */
    private static Phrase answer(List<Phrase> outcomes) {
        return outcomes.size() == 1
                ? Phrase.of("impact.ground", outcomes.getFirst())
                : Phrase.of("impact.answer", new Phrase.Several(outcomes, Phrase.of("impact.or")));
    }

    private static Obstacle plain(
            Obstacle.Weight weight, Obstacle.Kind kind, Phrase title, Phrase detail, String path) {
        return new Obstacle(weight, kind, title, detail, Phrase.NOTHING, path, Optional.empty());
    }
}
