package org.civitane.server.asks;

import java.time.LocalDate;
import java.util.UUID;
import org.civitane.core.calendar.Deadline;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Notices;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** More time for what is owed: asked for, and granted or refused (rulebook 0.3). */
@Service
@Transactional
public class Extensions {
    private static final int LONGEST_TEXT = 500;

    private final AskStore store;
    private final Asks asks;
    private final Claims claims;
    private final Notices notices;
    private final AgencyClock clock;

    Extensions(AskStore store, Asks asks, Claims claims, Notices notices, AgencyClock clock) {
        this.store = store;
        this.asks = asks;
        this.claims = claims;
        this.notices = notices;
        this.clock = clock;
    }

    /** How many days more may still be asked for; 0 when none may. */
    public int mostDays(Ask ask, Deadline.Allowance allowance) {
        boolean may = ask.state().isOpen()
                && ask.wish().isEmpty()
                && ask.deadline().refusal(1, clock.today(), allowance).isEmpty();
        return may ? allowance.mostDays() : 0;
    }

    /** More time is asked for, and a caseworker answers. @throws Problem when there can be none, with the reason */
    public MoreTime wish(Ask ask, int days, String why, Deadline.Allowance allowance, SignedIn applicant) {
        check(ask, days, why, allowance);
        MoreTime wish = keep(ask, days, why, MoreTime.State.ASKED, applicant);
        claims.note(
                ask.claim(),
                Actor.of(applicant),
                "extension-asked",
                Phrase.of("history.extension-asked", days, why.strip()));
        claims.touch(ask.claim());
        return wish;
    }

    /** More time that nobody has to agree to. @throws Problem when there can be none, with the reason */
    public void take(Ask ask, int days, String why, Deadline.Allowance allowance, SignedIn applicant) {
        check(ask, days, why, allowance);
        keep(ask, days, why, MoreTime.State.GRANTED, applicant);
        granted(ask.id(), Actor.of(applicant));
    }

    /**
     * The caseworker grants or refuses what is asked for. Granted, the new day is counted from the old one and rolled
     * forward.
     *
     * @param words what is said to the applicant; needed when it is refused
     */
    public void answer(Ask ask, boolean granted, String words, SignedIn caseworker) {
        MoreTime wish = ask.wish().orElseThrow(() -> Problem.conflict("extension", Phrase.of("problem.no-extension")));
        if (words.length() > LONGEST_TEXT || !granted && words.isBlank()) {
            throw Problem.invalid("words", Phrase.of("problem.reason"));
        }
        store.answer(
                wish.id(),
                granted ? MoreTime.State.GRANTED : MoreTime.State.REFUSED,
                words.strip(),
                caseworker.displayName());
        if (granted) {
            granted(ask.id(), Actor.of(caseworker));
        } else {
            claims.note(
                    ask.claim(),
                    Actor.of(caseworker),
                    "extension-refused",
                    Phrase.of("history.extension-refused", words.strip()));
            claims.touch(ask.claim());
        }
        notices.tell(ask.claim());
    }

    private void granted(UUID id, Actor actor) {
        Ask ask = store.find(id).orElseThrow();
        LocalDate day = ask.deadline().day();
        asks.move(ask, day);
        claims.note(ask.claim(), actor, "extension-granted", Phrase.of("history.extension-granted", Phrase.full(day)));
    }

    private void check(Ask ask, int days, String why, Deadline.Allowance allowance) {
        if (why.isBlank() || why.length() > LONGEST_TEXT) {
            throw Problem.invalid("why", Phrase.of("problem.extension-why"));
        }
        if (days < 1 || days > allowance.mostDays()) {
            throw Problem.invalid("days", Phrase.of("problem.extension-days", allowance.mostDays()));
        }
        if (ask.wish().isPresent()) {
            throw Problem.conflict("extension-asked", Phrase.of("problem.extension-asked"));
        }
        ask.deadline().refusal(days, clock.today(), allowance).ifPresent(refusal -> {
            throw Problem.conflict(
                    "extension", Phrase.of("problem.extension." + refusal, allowance.times(), allowance.mostDays()));
        });
    }

    private MoreTime keep(Ask ask, int days, String why, MoreTime.State state, SignedIn applicant) {
        MoreTime wish =
                new MoreTime(UUID.randomUUID(), applicant.displayName(), why.strip(), days, clock.instant(), state, "");
        store.insert(ask.id(), wish);
        return wish;
    }
}
