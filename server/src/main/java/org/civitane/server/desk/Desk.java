package org.civitane.server.desk;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.asks.MoreTime;
import org.civitane.server.corrections.FixList;
import org.civitane.server.determinations.Plan;
import org.civitane.server.determinations.Sentence;
import org.civitane.server.doubts.Doubt;
import org.civitane.server.platform.Phrase;
import org.civitane.server.registers.Register;
import org.civitane.server.registers.RegisterRequest;
import org.civitane.server.verification.FactGroup;
import org.civitane.server.verification.IdentityReview;
import org.civitane.server.verification.IncomeReview;

/**
 * One claim as the desk shows it.
 *
 * @param registers what was asked of registers, and what came of it
 * @param doubt whether the person was asked if they filed it
 * @param plan the days it is about, as they are settled
 * @param unasked differences that were settled without asking, since nothing hung on them
 */
record Desk(
        UUID id,
        int version,
        Strip strip,
        May may,
        List<Obstacle> inTheWay,
        List<FactGroup> facts,
        Result outcome,
        List<Sentence> working,
        Asking asking,
        Past past,
        int edition,
        int unread,
        int proposedMatches,
        List<Inquiry> registers,
        IdentityReview identity,
        Optional<Doubt> doubt,
        List<Unasked> unasked,
        IncomeReview income,
        Optional<Plan> plan) {
    /**
     * What stands on top.
     *
     * @param sentence where it stands and whom it waits for, in words
     * @param caution what to mind before calling or writing
     * @param dueBy the day by which it must be decided, as determined
     * @param decideBy the day by which the desk means to decide; later when an answer was given more time
     * @param daysLeft business days until {@code decideBy}
     */
    record Strip(
            String number,
            String programme,
            String household,
            String state,
            String sentence,
            String caution,
            LocalDate receivedOn,
            LocalDate dueBy,
            LocalDate decideBy,
            int daysLeft,
            int daysInAll,
            Optional<String> owner,
            boolean mine,
            boolean urgent) {}

    /**
     * What this person may do now.
     *
     * @param work change what a decision rests on
     * @param decide decide it, if nothing is missing
     * @param write write to its people, and change how they are reached
     * @param take take it, since nobody has it and nothing speaks against it
     */
    record May(boolean work, boolean decide, boolean write, boolean take) {}

    /**
     * What the applicant is asked.
     *
     * @param fixLists all rounds, the newest first
     * @param answers what was answered to their points, in words
     * @param moreTime an extension that waits for an answer
     * @param dueOn by when a fix list sent today would reasonably be answered: a business day
     * @param latest the last day that a fix list sent today may give
     */
    record Asking(
            List<FixList> fixLists,
            List<PointAnswered> answers,
            Optional<MoreTime> moreTime,
            LocalDate dueOn,
            LocalDate latest) {}

    /** What stood at a point of a fix list before, and what came back; empty where nothing did. */
    record PointAnswered(UUID list, String path, String before, String after) {}

    /** What happened, the newest first, and what was decided. */
    record Past(List<Told> history, Optional<Decided> decision) {}

    /** A difference that was settled without asking anybody. */
    record Unasked(Phrase label, Phrase reason) {}

    /** One question to a register. @param answer what it answered, in words */
    record Inquiry(
            UUID id,
            Register register,
            String name,
            String about,
            RegisterRequest.State state,
            String when,
            String answer) {}

    /** The outcome as it stands. */
    record Result(String headline, String detail, boolean determined, boolean negative, Optional<Scale> scale) {}

    /** A figure and the limits it is held against, from the lowest up, as amounts for drawing; in words as well. */
    record Scale(String words, String figure, List<String> limits) {}

    /** One line of history. */
    record Told(String when, Phrase who, Phrase sentence) {}

    /** The decision, once there is one. */
    record Decided(String when, Phrase by, Phrase reason, boolean closed) {}
}
