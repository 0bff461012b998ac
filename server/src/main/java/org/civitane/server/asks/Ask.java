package org.civitane.server.asks;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.calendar.Deadline;
import org.civitane.server.claims.Wait;
import org.civitane.server.platform.Phrase;

/**
 * Something that someone owes by a day. When that day passes, what was announced happens, once.
 *
 * @param about what it is asked with: a fix list; for a doubt and for later papers the claim
 * @param whom who owes it, where that is not the applicant: a member of the household, whom outside it is asked, the
 *     question to a register
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
        String whom,
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
        ACCOUNT,
        /** The fee for what was granted. */
        FEE,
        /** The hours of a week that is over. */
        HOURS,
        /** The signature of another adult of the household. */
        SIGNATURE,
        /** What someone outside the household has to say; the rules hold the claim where they wait for it. */
        WORD,
        /** The answer of a register that stays silent. */
        REGISTER;

        /** Whether the claim cannot be decided as long as it is owed. */
        public boolean holdsUp() {
            return this != ACCOUNT && this != FEE && this != HOURS && this != WORD && this != REGISTER;
        }

        /** How many calendar days before the last one they are reminded; none where the programme or the usual rule says. */
        List<Integer> remindedBefore() {
            return switch (this) {
                case DOUBT -> List.of(7, 2);
                case FEE -> List.of(14, 3);
                default -> List.of();
            };
        }

        /** Who owes it. */
        public Wait.On owedBy() {
            return switch (this) {
                case FIX_LIST, DOUBT, LATER_PAPERS, ACCOUNT, FEE, HOURS -> Wait.On.APPLICANT;
                case SIGNATURE -> Wait.On.CO_SIGNER;
                case WORD -> Wait.On.THIRD_PARTY;
                case REGISTER -> Wait.On.REGISTER;
            };
        }

        /** Whether it is answered by a link of one's own. */
        public boolean isByLink() {
            return this == SIGNATURE || this == WORD;
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
        KEEP,
        /** Nothing is made out, and the claim ends with that. */
        DROP,
        /** What was planned stands. */
        AS_PLANNED,
        /** The claim goes on, and lacks it. */
        GO_ON,
        /** The claim is decided without their answer, as the rules say. */
        WITHOUT,
        /** A caseworker looks whether to go on without it. */
        LOOK;

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

    /**
     * What someone other than the applicant is asked for.
     *
     * @param whom a member of the household, or whom outside it is asked
     * @param what what is owed, as a phrase
     * @param remindedOn the days on which they are reminded while it does not come
     */
    public record Wanted(Kind kind, String whom, Phrase what, LocalDate dueOn, Then then, List<LocalDate> remindedOn) {
        public Wanted {
            remindedOn = List.copyOf(remindedOn);
        }
    }

    Ask as(State now, Phrase rest) {
        return new Ask(id, claim, kind, about, whom, rest, firstDueOn, dueOn, then, now, moreTime);
    }

    Ask dueOn(LocalDate day) {
        return new Ask(id, claim, kind, about, whom, what, firstDueOn, day, then, state, moreTime);
    }

    /** More time that is asked for and not answered yet. */
    public Optional<MoreTime> wish() {
        return moreTime.stream()
                .filter(each -> each.state() == MoreTime.State.ASKED)
                .findFirst();
    }

    /** As what the claim waits for. */
    public Wait asWait() {
        return new Wait(kind.owedBy(), what, dueOn, then.inWords());
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
