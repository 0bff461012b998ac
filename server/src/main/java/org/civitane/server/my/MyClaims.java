package org.civitane.server.my;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.civitane.core.claim.Act;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.programme.Outcome;
import org.civitane.core.reasoning.Wording;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Messages;
import org.civitane.server.decisions.Decision;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.decisions.UrgentAwards;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Says where a claim stands to the applicant whose it is, and what is wanted of them. */
@Component
class MyClaims {
    private final Decisions decisions;
    private final Dossiers dossiers;
    private final Wants wants;
    private final Messages messages;
    private final UrgentAwards awards;
    private final AfterDecision after;
    private final Texts texts;

    MyClaims(
            Decisions decisions,
            Dossiers dossiers,
            Wants wants,
            Messages messages,
            UrgentAwards awards,
            AfterDecision after,
            Texts texts) {
        this.decisions = decisions;
        this.dossiers = dossiers;
        this.wants = wants;
        this.messages = messages;
        this.awards = awards;
        this.after = after;
        this.texts = texts;
    }

    /**
     * One claim as its applicant sees it.
     *
     * @param sentence where it stands
     * @param wanted what is wanted from them, what is to be done first as the first
     * @param unread how many messages of the caseworker they have not opened
     * @param dueBy the day by which it must be decided, as determined
     * @param decideBy the day by which it is decided; later when more time was given for an answer
     * @param hasFee whether a fee was asked for, and what is made out for it is found there
     * @param tellsHours whether they tell the hours of its weeks
     * @param asksOthers whether others are asked on it as well
     * @param showsIdentity whether they are, or were, asked who they are
     * @param canChangeDays whether it is about days that can still be said anew, or end earlier
     */
    record MyClaim(
            UUID id,
            String number,
            String programme,
            String state,
            String sentence,
            LocalDate receivedOn,
            LocalDate dueBy,
            LocalDate decideBy,
            List<WantedNow> wanted,
            List<String> outcome,
            int unread,
            boolean hasLetter,
            boolean canWithdraw,
            boolean canWrite,
            boolean hasPayments,
            boolean hasFee,
            boolean tellsHours,
            boolean asksOthers,
            boolean showsIdentity,
            boolean canChangeDays) {}

    /**
     * What is known without working it out of a claim for which {@link #worked} finds that nothing can be: that, and what
     * can be done all the same.
     */
    @Transactional(readOnly = true)
    MyClaim notWorkedOut(ClaimView claim) {
        return new MyClaim(
                claim.id(),
                claim.number(),
                Claims.programmeOf(claim).wording(Locale.ENGLISH).text("name"),
                claim.state().name(),
                texts.say("my.not-worked-out"),
                claim.receivedOn(),
                claim.dueBy(),
                claim.decideBy(),
                List.of(),
                List.of(),
                messages.unread(claim.id(), false),
                decisions.of(claim.id()).isPresent(),
                claim.state().allows(Act.WITHDRAW),
                claim.state().allows(Act.CORRESPOND),
                false,
                false,
                false,
                false,
                false,
                false);
    }

    /**
     * Where it stands.
     *
     * @throws Problem {@link Determinations#NOT_WORKED_OUT}
     */
    @Transactional(readOnly = true)
    MyClaim worked(ClaimView claim) {
        Dossier dossier = dossiers.of(claim);
        Wording wording = Claims.programmeOf(claim).wording(Locale.ENGLISH);
        Optional<Decision> decision = decisions.of(claim.id());
        Optional<Ask> owed = Wants.owed(dossier);
        List<WantedNow> wanted = wanted(dossier, owed);
        return new MyClaim(
                claim.id(),
                claim.number(),
                wording.text("name"),
                claim.state().name(),
                sentence(claim, owed, wanted.stream().anyMatch(WantedNow::isPapers)),
                claim.receivedOn(),
                claim.dueBy(),
                claim.decideBy(),
                wanted,
                decision.filter(made -> made.kind() == Decision.Kind.DETERMINED)
                        .map(made -> outcome(dossier.run()))
                        .orElse(List.of()),
                messages.unread(claim.id(), false),
                decision.isPresent() || awards.of(claim.id()).isPresent(),
                claim.state().allows(Act.WITHDRAW),
                claim.state().allows(Act.CORRESPOND),
                after.pays(claim),
                after.asksForAFee(claim),
                after.tellsHours(claim),
                claim.state().isOpen()
                        && dossier.asks().stream().anyMatch(ask -> ask.kind().isByLink()),
                claim.state().isOpen() && dossier.asks().stream().anyMatch(ask -> ask.kind() == Ask.Kind.DOUBT),
                (claim.state().allows(Act.ANSWER) || claim.state() == ClaimState.DECIDED && after.pays(claim))
                        && Claims.programmeOf(claim).isAboutDays());
    }

    private List<WantedNow> wanted(Dossier dossier, Optional<Ask> owed) {
        List<WantedNow> wanted = wants.of(dossier);
        boolean asked = owed.filter(ask -> ask.kind() == Ask.Kind.ACCOUNT).isPresent();
        return asked || !after.waitsForAnAccount(dossier.claim())
                ? wanted
                : Stream.concat(wanted.stream(), Stream.of(wants.account())).toList();
    }

    private String sentence(ClaimView claim, Optional<Ask> owed, boolean papersWanted) {
        boolean late = wants.isLate(claim);
        String working = (late ? "my.late" : "my.in-review") + (papersWanted ? "-papers" : "");
        String received = late ? working : "my.received";
        if (claim.held()) {
            return texts.say(claim.state().isOpen() ? "my.frozen" : "my.held");
        }
        return switch (claim.state()) {
            case WAITING ->
                owed.map(ask -> texts.say(
                                "my.waiting",
                                DayText.full(ask.dueOn()),
                                ask.then().inWords()))
                        .orElse(texts.say(working, day(claim)));
            case RECEIVED -> texts.say(received, day(claim));
            case IN_REVIEW, READY -> texts.say(working, day(claim));
            case FROZEN -> texts.say("my.frozen");
            case DECIDED, FULFILLED -> texts.say(claim.closed() ? "my.closed" : "my.decided");
            case WITHDRAWN -> texts.say("my.withdrawn");
            case SIGNING ->
                claim.waiting()
                        .map(wait -> texts.say("my.signing", wait.what(), DayText.full(wait.until()), wait.then()))
                        .orElse(texts.say(received, day(claim)));
            case DRAFT -> "";
        };
    }

    /** The day by which it is decided, and why that is later than it was said at first, if it is. */
    private String day(ClaimView claim) {
        String day = DayText.date(claim.decideBy());
        return claim.decideBy().equals(claim.dueBy()) ? day : texts.say("my.later", day, DayText.date(claim.dueBy()));
    }

    private List<String> outcome(Run run) {
        if (!run.isAboutPeople()) {
            return run.determination().outcomes().stream()
                    .map(outcome -> texts.say(
                            "my.outcome",
                            run.wording().text("outcome." + outcome.result()),
                            run.wording()
                                    .filled(
                                            run.wording().textOr("summary." + outcome.result(), "{basis}"),
                                            run.places(outcome))))
                    .toList();
        }
        return run.determination().outcomes().stream()
                .collect(Collectors.groupingBy(
                        Outcome::result,
                        java.util.LinkedHashMap::new,
                        Collectors.mapping(o -> run.nameOf(o.subject()), Collectors.joining(", "))))
                .entrySet()
                .stream()
                .map(entry ->
                        texts.say("estimate.for", run.wording().text("outcome." + entry.getKey()), entry.getValue()))
                .toList();
    }
}
