package org.civitane.server.links;

import java.time.LocalDate;
import java.util.List;
import org.civitane.server.asks.Ask;
import org.civitane.server.forms.Asked;

/**
 * The page that a link leads to. Until whoever opened it has said who they are it tells nothing but who asks and by
 * when.
 *
 * @param programme what was applied for, in words
 * @param you whom it is for
 * @param about who applied, and what is asked for
 * @param then what happens without an answer
 * @param byCode whether a code is asked for in place of the last digits of a person number
 * @param triesLeft how often it may still be said who one is
 * @param shown what was said, for whoever signs
 * @param asked what is asked, for whoever answers
 * @param begun what was begun before
 * @param receipt what came of it and when; empty until then
 */
record LinkPage(
        State state,
        Ask.Kind kind,
        String programme,
        String you,
        String title,
        String about,
        LocalDate dueOn,
        String then,
        boolean byCode,
        int triesLeft,
        List<ShownToSigner.SaidGroup> shown,
        List<Asked> asked,
        Said begun,
        String receipt) {
    /** What can be done on it. */
    enum State {
        /** Say who you are. */
        CONFIRM,
        OPEN,
        ANSWERED,
        /** Said wrongly too often: a caseworker sends another link. */
        CLOSED,
        /** Nobody needs it any more. */
        OVER
    }
}
