package org.civitane.core.programme;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.question.Chapter;
import org.civitane.core.question.HouseholdQuestions;
import org.civitane.core.question.PaintedDays;
import org.civitane.core.question.Question;

/**
 * How the people concerned are asked for an application: its questions, and "might this be for me?".
 *
 * @param <C> the programme's case record
 */
public interface OnlineForm<C extends CaseFile> {
    /** What the form asks, in its order. Reading back and signing follow for every programme. */
    List<Chapter> chapters();

    /** The five questions of "might this be for me?". */
    List<Question> screening();

    /** What is asked of whoever signs. */
    default List<Question> signing() {
        return List.of(HouseholdQuestions.signature());
    }

    /** The steps of the working that answer "might this be for me?", by code, in the order of the working. */
    Set<String> saidInScreening();

    /** The steps of the working that are told with the estimate, by code, in the order of the working. */
    default Set<String> saidInEstimate() {
        return Set.of();
    }

    /** The days that are painted on a calendar beside a chapter's questions; empty where none are. */
    default Optional<PaintedDays> painted() {
        return Optional.empty();
    }

    /**
     * What one hardly meant in an application as far as it is told, or what refuses it by itself.
     *
     * @param book the policy tables
     */
    default List<Doubt> doubts(C file, PolicyBook book) {
        return List.of();
    }

    /** What may be told beside the calendar so that it can say more; it is no fact, and is not kept. */
    default List<Question> supposing() {
        return List.of();
    }

    /**
     * The case as it would be if what was told to {@link #supposing()} were so, and what only others can say were
     * nothing where nothing was told.
     *
     * @throws org.civitane.core.casefile.InvalidFact when an answer cannot be read, with its path as the pointer
     */
    default C supposed(C file, Map<String, String> answers) {
        return file;
    }

    /**
     * The simplest case file that fits the answers to the {@link #screening()}.
     *
     * @param answers question path to answer; an answer not given takes the question's default
     * @throws org.civitane.core.casefile.InvalidFact when an answer cannot be read, with its path as the pointer
     */
    C sketch(Map<String, String> answers, LocalDateTime now);
}
