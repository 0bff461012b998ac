package org.civitane.server.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.claim.Act;
import org.civitane.core.reasoning.Reader;
import org.civitane.server.access.Accounts;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.contact.Contact;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Texts;
import org.springframework.stereotype.Component;

/** What stands on top of the desk: whose claim, how long yet, whom it waits for, and what this person may do. */
@Component
class DeskStrip {
    private final ClaimActs acts;
    private final Accounts accounts;
    private final Texts texts;
    private final AgencyClock clock;

    DeskStrip(ClaimActs acts, Accounts accounts, Texts texts, AgencyClock clock) {
        this.acts = acts;
        this.accounts = accounts;
        this.texts = texts;
        this.clock = clock;
    }

    Desk.Strip of(ClaimView claim, Situation now, List<Obstacle> obstacles, SignedIn who) {
        boolean mine = claim.owner().filter(who.account()::equals).isPresent();
        return new Desk.Strip(
                claim.number(),
                now.run().wording().text("name"),
                claim.householdName(),
                claim.state().name(),
                sentence(claim, who, mine, obstacles),
                caution(now.dossier().contact()),
                claim.receivedOn(),
                claim.dueBy(),
                claim.decideBy(),
                BusinessCalendar.businessDaysBetween(clock.today(), claim.decideBy()),
                BusinessCalendar.businessDaysBetween(claim.receivedOn(), claim.decideBy()),
                claim.owner().map(accounts::account).map(SignedIn::displayName),
                mine,
                claim.urgent());
    }

    Desk.May may(ClaimView claim, SignedIn who) {
        Set<Act> may = acts.may(who, claim);
        return new Desk.May(
                may.contains(Act.ESTABLISH),
                may.contains(Act.DECIDE),
                may.contains(Act.CORRESPOND),
                acts.mayTake(who, claim));
    }

    /** What to mind before calling or writing; empty when nothing is marked. */
    private String caution(Contact contact) {
        if (!contact.isMarked()) {
            return "";
        }
        List<String> words = new ArrayList<>();
        if (contact.mayBeReached()) {
            words.addAll(ruledOut(contact));
        } else {
            words.add(texts.say("caution.none"));
        }
        if (!contact.safeName().isEmpty()) {
            words.add(texts.say("caution.name", contact.safeName()));
        }
        if (!contact.safeTime().isEmpty()) {
            words.add(texts.say("caution.time", contact.safeTime()));
        }
        if (contact.speaksAnother()) {
            words.add(texts.say("caution.language." + contact.language()));
        }
        return String.join(" ", words);
    }

    private List<String> ruledOut(Contact contact) {
        List<String> ways = new ArrayList<>();
        if (!contact.mayCall()) {
            ways.add(texts.say("caution.call"));
        }
        if (!contact.mayText()) {
            ways.add(texts.say("caution.text"));
        }
        if (!contact.mayEmail()) {
            ways.add(texts.say("caution.email"));
        }
        if (!contact.mayLetter()) {
            ways.add(texts.say("caution.letter"));
        }
        return ways;
    }

    private String sentence(ClaimView claim, SignedIn who, boolean mine, List<Obstacle> obstacles) {
        if (claim.held()) {
            return texts.say(claim.state().isOpen() ? "desk.frozen" : "desk.held");
        }
        return switch (claim.state()) {
            case RECEIVED -> texts.say("desk.received");
            case WAITING, SIGNING ->
                claim.waiting()
                        .map(wait -> texts.say(
                                Phrase.of(
                                        "desk.waiting." + wait.on(),
                                        wait.what(),
                                        Phrase.full(wait.until()),
                                        wait.then()),
                                Reader.OFFICE))
                        .orElse("");
            case READY ->
                texts.say(
                        !mine
                                ? "desk.ready"
                                : acts.may(who, Act.DECIDE, claim) ? "desk.ready.mine" : "desk.ready.others");
            case IN_REVIEW ->
                claim.owner().isEmpty()
                        ? texts.say("desk.received")
                        : texts.say(mine ? "desk.review.mine" : "desk.review", matter(obstacles));
            case DECIDED, FULFILLED ->
                obstacles.isEmpty()
                        ? texts.say(claim.closed() ? "desk.closed" : "desk.decided")
                        : texts.say("desk.came-up", obstacles.size());
            case WITHDRAWN -> texts.say("desk.withdrawn");
            case FROZEN -> texts.say("desk.frozen");
            case DRAFT -> "";
        };
    }

    /** How many of them could change what is decided. */
    private static long matter(List<Obstacle> obstacles) {
        return obstacles.stream()
                .filter(each -> each.weight() != Obstacle.Weight.IMMATERIAL)
                .count();
    }
}
