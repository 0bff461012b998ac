package org.civitane.server.links;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.civitane.core.person.Iban;
import org.civitane.core.programme.Outsider;
import org.civitane.core.question.Question;
import org.civitane.server.forms.Asked;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** What someone outside the household answered, as the case file takes it. */
final class OutsiderAnswers {
    private OutsiderAnswers() {}

    /** By part. @throws Problem at the first that is missing or cannot stand */
    static Map<String, JsonNode> checked(Outsider outsider, Map<String, String> answers) {
        Map<String, JsonNode> given = new HashMap<>();
        for (Question question : outsider.asked()) {
            boolean isAsked = question.when()
                    .map(when -> given.containsKey(when.path())
                            && when.holds(given.get(when.path()).asString("")))
                    .orElse(true);
            Optional<JsonNode> answer = switch (question.widget()) {
                case MONTHS -> months(question, answers);
                case RECORD -> record(question, answers);
                default -> one(question, answers);
            };
            if (isAsked && answer.isPresent()) {
                given.put(question.path(), answer.get());
            } else if (isAsked && question.required()) {
                throw Problem.invalid(question.path(), Phrase.of("link.needed"));
            }
        }
        checkAccount(outsider, given);
        return given;
    }

    /** An answer as people read it. @param path within what is said of them */
    record InWords(String path, String label, String words) {}

    /**
     * Everything that was answered, in the order in which it is asked.
     *
     * @param answered the questions whose answers stand
     */
    static List<InWords> inWords(List<Asked> asked, Set<String> answered, Map<String, String> answers) {
        List<InWords> all = new ArrayList<>();
        for (Asked question : asked) {
            if (answered.contains(question.path())) {
                new TreeMap<>(answers).forEach((path, answer) -> {
                    if (!answer.isBlank() && path.equals(question.path())) {
                        all.add(new InWords(path, question.label(), chosen(question, answer.strip())));
                    } else if (!answer.isBlank() && path.startsWith(question.path() + "/")) {
                        String part = path.substring(question.path().length() + 1);
                        all.add(new InWords(
                                path, question.label() + " · " + partLabel(question, part), answer.strip()));
                    }
                });
            }
        }
        return all;
    }

    private static String chosen(Asked question, String answer) {
        return question.options().stream()
                .filter(option -> option.value().equals(answer))
                .map(Asked.Option::label)
                .findFirst()
                .orElse(answer);
    }

    /** Months name themselves. */
    private static String partLabel(Asked question, String part) {
        return question.parts().stream()
                .filter(each -> each.path().equals(part))
                .map(Asked::label)
                .findFirst()
                .orElse(part);
    }

    private static Optional<JsonNode> one(Question question, Map<String, String> answers) {
        String answer = answers.getOrDefault(question.path(), "").strip();
        boolean chosen = question.options().isEmpty() || question.options().contains(answer);
        return answer.isEmpty() || !chosen ? Optional.empty() : Optional.of(StringNode.valueOf(answer));
    }

    /** The parts that were answered, each under the question's path and its own. */
    private static Optional<JsonNode> record(Question question, Map<String, String> answers) {
        ObjectNode record = JsonColumn.object();
        question.parts().forEach(part -> {
            String answer = answers.getOrDefault(question.path() + "/" + part.path(), "")
                    .strip();
            if (!answer.isEmpty()) {
                record.put(part.path(), answer);
            }
        });
        return record.isEmpty() ? Optional.empty() : Optional.of(record);
    }

    /** The months of which something is said, each under the question's path and the month. */
    private static Optional<JsonNode> months(Question question, Map<String, String> answers) {
        String value = question.parts().getFirst().path();
        ArrayNode lines = JsonColumn.object().arrayNode();
        new TreeMap<>(answers).forEach((path, answer) -> {
            if (path.startsWith(question.path() + "/") && !answer.isBlank()) {
                lines.addObject()
                        .put("month", path.substring(question.path().length() + 1))
                        .put(value, answer.strip());
            }
        });
        return lines.isEmpty() ? Optional.empty() : Optional.of(lines);
    }

    private static void checkAccount(Outsider outsider, Map<String, JsonNode> given) {
        outsider.account()
                .ifPresent(account -> given.computeIfPresent(
                        account,
                        (part, typed) -> Iban.typed(typed.asString())
                                .<JsonNode>map(StringNode::valueOf)
                                .orElseThrow(() -> Problem.invalid(part, Phrase.of("problem.iban")))));
    }
}
