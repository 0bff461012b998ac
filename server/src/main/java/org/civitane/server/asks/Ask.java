package org.civitane.server.asks;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.calendar.Deadline;
import org.civitane.server.platform.Phrase;

/**
 * Something that someone owes by a day. When that day passes, what was announced happens, once.
 *
 * @param about what it is asked with: a fix list; for a doubt and for later papers the claim
 * @param what what is owed, as a phrase: "the answers to the fix list"
 * @param firstDueOn the last day as it was set at first
 * @param dueOn the last day, with the more time that was granted
 * @param moreTime what more time was asked for, as it came
 */
public record Ask(
        UUID id,
        UUID claim,
        Kind kind,
        UUID about,
        Phrase what,
        LocalDate firstDueOn,
        LocalDate dueOn,
        Then then,
        State state,
        List<MoreTime> moreTime) {
    /** What is owed. */
    public enum Kind {
        /** Answers to the points of a fix list. */
        FIX_LIST,
        /** Whether the person filed the claim. */
        DOUBT,
        /** What is still to be shown after an award that could not wait. */
        LATER_PAPERS,
        /** The account that money goes to. */
        ACCOUNT;

        /** Whether the claim cannot be decided as long as it is owed. */
        public boolean holdsUp() {
            return this != ACCOUNT;
        }
    }

    /** What happens when the day passes. */
    public enum Then {
        /** The claim is decided on what is there. */
        DECIDE,
        /** The claim is closed as incomplete. */
        CLOSE,
        /** What is paid stops, and the claim is closed. */
        STOP,
        /** What is to be paid stays here until it comes. */
        KEEP;

        /** Said to whoever owes it. */
        public Phrase inWords() {
            return Phrase.of("wait.then." + this);
        }
    }

    /** How far it is. */
    public enum State {
        OPEN,
        /** Some of it came. */
        PARTLY,
        ANSWERED,
        LAPSED,
        /** Nobody needs it any more. */
        WITHDRAWN;

        public boolean isOpen() {
            return this == OPEN || this == PARTLY;
        }
    }

    Ask as(State now, Phrase rest) {
        return new Ask(id, claim, kind, about, rest, firstDueOn, dueOn, then, now, moreTime);
    }

    Ask dueOn(LocalDate day) {
        return new Ask(id, claim, kind, about, what, firstDueOn, day, then, state, moreTime);
    }

    /** More time that is asked for and not answered yet. */
    public Optional<MoreTime> wish() {
        return moreTime.stream()
                .filter(each -> each.state() == MoreTime.State.ASKED)
                .findFirst();
    }

    /** The day, and how it came to be that day. */
    Deadline deadline() {
        Deadline deadline = Deadline.on(firstDueOn);
        for (MoreTime each : moreTime) {
            if (each.state() == MoreTime.State.GRANTED) {
                deadline = deadline.extended(new Deadline.Extension(each.by(), each.why(), each.days()));
            }
        }
        return deadline;
    }
}
