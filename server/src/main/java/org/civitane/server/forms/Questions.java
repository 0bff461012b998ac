package org.civitane.server.forms;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.civitane.core.programme.Programme;
import org.civitane.core.question.Chapter;
import org.civitane.core.question.Question;
import org.civitane.core.reasoning.FactPath;

/** What programmes ask, and the question that asks for a fact. */
public final class Questions {
    private Questions() {}

    /**
     * The question of a programme's form that asks for the fact at a path, such as {@code incomes/i1/amount}; nothing
     * where the form does not ask for it.
     */
    public static Optional<Asked> askingFor(Programme<?> programme, FactPath path) {
        List<String> steps = List.of(path.path().split("/"));
        return of(programme)
                .flatMap(question -> within(question, steps, "question."))
                .findFirst()
                .map(found -> Asked.of(found.question(), found.prefix(), programme.wording(Locale.ENGLISH)));
    }

    /**
     * The chapter of a programme's form that asks for the fact at a path: the last one where several do, since what is
     * asked of each person comes after who they are. Nothing where the form does not ask for it.
     */
    public static Optional<Chapter> chapterOf(Programme<?> programme, FactPath path) {
        List<String> steps = List.of(path.path().split("/"));
        return programme.form().stream()
                .flatMap(form -> form.chapters().stream())
                .filter(chapter -> chapter.questions().stream()
                        .anyMatch(question ->
                                within(question, steps, "").findAny().isPresent()))
                .reduce((first, later) -> later);
    }

    /** All questions of a programme's form in its order, with those asked of whoever signs at the end. */
    public static Stream<Question> of(Programme<?> programme) {
        return programme.form().stream()
                .flatMap(form -> Stream.concat(
                        form.chapters().stream().map(Chapter::questions).flatMap(List::stream),
                        form.signing().stream()));
    }

    private record Found(Question question, String prefix) {}

    /** A question by its own name, below a person by that name, or in a line of a list. */
    private static Stream<Found> within(Question question, List<String> steps, String prefix) {
        String last = steps.getLast();
        if (question.path().equals(last)) {
            return Stream.of(new Found(question, prefix));
        }
        if (steps.size() == 1 || !question.path().equals(steps.getFirst())) {
            return Stream.empty();
        }
        String inner = Asked.hasLabelsOfItsOwn(question.widget()) ? prefix + question.path() + "." : prefix;
        List<String> rest = List.of(last);
        return question.parts().stream().flatMap(part -> within(part, rest, inner));
    }
}
