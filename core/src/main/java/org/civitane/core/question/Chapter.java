package org.civitane.core.question;

import java.util.List;

/**
 * A few questions on one subject, shown on one page.
 *
 * @param id leads to its texts: {@code chapter.<id>.title} and {@code chapter.<id>.intro}
 */
public record Chapter(String id, List<Question> questions) {
    public Chapter {
        questions = List.copyOf(questions);
    }

    public static Chapter of(String id, Question... questions) {
        return new Chapter(id, List.of(questions));
    }
}
