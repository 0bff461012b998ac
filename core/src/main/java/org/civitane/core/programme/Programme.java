package org.civitane.core.programme;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.question.Chapter;
import org.civitane.core.question.Question;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Wording;

/**
 * Everything there is to know about one programme: what it asks, what it needs to see, how it decides, and its words.
 * One package holds each; the {@link Catalogue} names them.
 *
 * @param <C> the programme's case record. Its components are the fields of the case file, by name.
 */
public interface Programme<C extends CaseFile> {
    /** The programme's name in case files, such as {@code school-meals}. */
    String id();

    /** Two letters that begin the numbers of its claims. */
    String numberPrefix();

    Class<C> caseType();

    /**
     * Determines a case.
     *
     * @throws org.civitane.core.policy.NoPolicyInForce when the received date is before the first version of a table
     */
    Determination determine(C file, PolicyBook book, Reasoning why);

    /** What the form asks, in its order. Reading back and signing follow for every programme. */
    List<Chapter> chapters();

    /** The five questions of "might this be for me?". */
    List<Question> screening();

    /**
     * The simplest case file that fits the answers to the {@link #screening()}.
     *
     * @param answers question path to answer; an answer not given takes the question's default
     * @throws org.civitane.core.casefile.InvalidFact when an answer cannot be read, with its path as the pointer
     */
    C sketch(Map<String, String> answers, LocalDateTime now);

    /** Which papers a claim needs before it can be decided. */
    List<EvidenceNeed> evidenceNeeds(C file);

    /**
     * The season for which a household may apply once, such as a school year; empty when there is no such rule.
     */
    Optional<String> season(LocalDate receivedOn);

    /** The programme's texts. */
    Wording wording(Locale locale);
}
