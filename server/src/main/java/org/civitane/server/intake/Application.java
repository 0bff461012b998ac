package org.civitane.server.intake;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.programme.Programme;
import org.civitane.core.question.HouseholdQuestions;
import org.civitane.core.question.Question;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.exchange.casefile.Misfits;
import org.civitane.exchange.casefile.WholeName;
import org.civitane.exchange.casefile.WhoseWord;
import org.civitane.server.forms.Questions;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Makes a case file of a draft's answers. */
final class Application {
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm:ss");

    private Application() {}

    /**
     * The answers as they can be kept: an object that says nothing that is others' to say, and only codes where codes are
     * meant.
     *
     * @param programme whose facts they are
     * @throws Problem at the first fact that is not the applicant's word, or that cannot stand
     */
    static ObjectNode own(JsonNode answers, String programme) {
        ObjectNode own = answers.isObject() ? (ObjectNode) answers.deepCopy() : JsonColumn.object();
        List<FactSpec> facts = Catalogue.named(programme).facts();
        WhoseWord.notTheApplicants(own, JsonColumn.object(), facts).ifPresent(path -> {
            throw Problem.invalid(path, Phrase.of("problem.not-yours-to-say"));
        });
        Misfits.in(own, facts).ifPresent(misfit -> {
            throw Problem.invalid(misfit.path(), Phrase.of("problem.misfit." + misfit.why()));
        });
        return own;
    }

    /** A signed application. @param last4 empty when the signer has no person number */
    static ObjectNode signed(
            ObjectNode answers, String programme, LocalDateTime at, String name, Optional<String> last4) {
        ObjectNode file = answers.deepCopy();
        file.remove("contact");
        file.remove("reach");
        file.put("programme", programme).put("receivedAt", MOMENT.format(at));
        putUnasked(file, Questions.of(Catalogue.named(programme)).toList());
        for (Question question : signing(programme)) {
            if (question.widget() == Question.Widget.SIGNATURE) {
                file.putArray(question.path())
                        .addObject()
                        .put("member", applicant(answers).path("id").asString(""))
                        .put("name", name)
                        .put("signedAt", MOMENT.format(at));
            } else {
                ObjectNode number = file.putObject(question.path());
                last4.ifPresentOrElse(digits -> number.put("last4", digits), () -> number.put("none", true));
            }
        }
        Catalogue.named(programme).outsiders().forEach(outsider -> {
            if (file.get(outsider.fact()) instanceof ObjectNode about) {
                outsider.unanswered().forEach(about::put);
                about.put(outsider.askedOn(), at.toLocalDate().toString());
            }
        });
        return file;
    }

    /** Answers that another answer says, so that they were not asked for, or no longer after they were given. */
    private static void putUnasked(ObjectNode answers, List<Question> questions) {
        for (Question question : questions) {
            if (question.widget() == Question.Widget.RECORD
                    && answers.get(question.path()) instanceof ObjectNode within) {
                putUnasked(within, question.parts());
            }
            boolean isAsked = question.when()
                    .map(when -> when.holds(answers.at("/" + when.path()).asString("")))
                    .orElse(true);
            if (!isAsked) {
                question.otherwise().ifPresent(answer -> answers.put(question.path(), answer));
            }
        }
    }

    private static List<Question> signing(String programme) {
        return Catalogue.named(programme)
                .form()
                .map(OnlineForm::signing)
                .orElseGet(() -> List.of(HouseholdQuestions.signature()));
    }

    /**
     * The application as it would be if everybody had signed it now and every statement in it were confirmed; for the
     * estimate.
     */
    static Optional<CaseFiles.Read<?>> imagined(ObjectNode answers, String programme, LocalDateTime at) {
        try {
            return Optional.of(read(imaginedFile(answers, programme, at)));
        } catch (BadInput e) {
            return Optional.empty();
        }
    }

    /** The same as a case file, which may be such that it cannot be read. */
    static ObjectNode imaginedFile(ObjectNode answers, String programme, LocalDateTime at) {
        ObjectNode confirmed = answers.deepCopy();
        Programme<?> told = Catalogue.named(programme);
        WhoseWord.imagineConfirmed(confirmed, told.facts());
        told.takenForGranted().forEach(confirmed::put);
        String name = WholeName.of(applicant(answers));
        ObjectNode file = signed(confirmed, programme, at, name, Optional.empty());
        signAll(file, programme, at);
        return file;
    }

    private static void signAll(ObjectNode file, String programme, LocalDateTime at) {
        signing(programme).stream()
                .filter(question -> question.widget() == Question.Widget.SIGNATURE)
                .forEach(question -> {
                    ArrayNode signatures = file.putArray(question.path());
                    file.path("members")
                            .forEach(member -> signatures
                                    .addObject()
                                    .put("member", member.path("id").asString(""))
                                    .put("name", WholeName.of(member))
                                    .put("signedAt", MOMENT.format(at)));
                });
    }

    /** @throws BadInput at the first fault */
    static CaseFiles.Read<?> read(ObjectNode file) {
        return CaseFiles.read(JsonColumn.bytes(file));
    }

    static JsonNode applicant(ObjectNode answers) {
        return answers.path("members")
                .valueStream()
                .filter(member -> member.path("relationship").asString("").equals("SELF"))
                .findFirst()
                .orElse(JsonColumn.object());
    }
}
