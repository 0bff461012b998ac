package org.civitane.exchange.verification;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.materiality.Candidate;
import org.civitane.core.materiality.Materiality;
import org.civitane.core.policy.NoPolicyInForce;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Value;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.binding.Input;
import org.civitane.exchange.binding.Records;
import org.civitane.exchange.casefile.CaseFiles;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

/** "Does it matter?" as JSON. */
public final class Materialities {
    private static final String CASE_FILE = "caseFile";
    private static final String CANDIDATES = "candidates";

    private Materialities() {}

    /** A case file, and what its lines could turn out to be. */
    private record Question<C extends CaseFile>(CaseFiles.Read<C> caseFile, List<Candidate> candidates) {}

    /**
     * Reads a question and answers it. The document is read twice: the first time for the programme alone, which says
     * how the case file within is to be read.
     *
     * @throws BadInput at the first fault, with its pointer
     */
    public static Materiality answer(Input input, PolicyBook book) {
        Programme<?> programme = input.read(Materialities::programme);
        Question<?> question = input.read(parser -> question(parser, programme));
        return answer(question, book);
    }

    private static <C extends CaseFile> Materiality answer(Question<C> question, PolicyBook book) {
        CaseFiles.Read<C> read = question.caseFile();
        try {
            return Materiality.of(read.programme(), read.file(), question.candidates(), book);
        } catch (InvalidFact e) {
            throw new BadInput(e.pointer(), e.fault());
        } catch (NoPolicyInForce e) {
            throw new BadInput("/caseFile/receivedAt", e.fault());
        } catch (ArithmeticException e) {
            throw BadInput.at("", "too-large-to-add");
        }
    }

    /** The answer in the chapter's fields and order. */
    public static Value toValue(Materiality materiality) {
        return new Value.Fields(Figures.builder(6)
                .add("combinations", materiality.combinations())
                .add("distinct", materiality.distinct())
                .add("material", materiality.isMaterial())
                .add("least", Reconciliations.orNull(materiality.least()))
                .add("greatest", Reconciliations.orNull(materiality.greatest()))
                .add(
                        "lines",
                        new Value.Row(materiality.lines().stream()
                                .map(Materialities::toValue)
                                .toList()))
                .build());
    }

    private static Value toValue(Materiality.Line line) {
        return new Value.Fields(Figures.builder(2)
                .add("line", line.line())
                .add("matters", line.matters())
                .build());
    }

    private static Programme<?> programme(JsonParser parser) {
        checkObject(parser);
        Optional<Programme<?>> found = Optional.empty();
        for (String name = parser.nextName(); name != null; name = parser.nextName()) {
            parser.nextToken();
            if (name.equals(CASE_FILE) && found.isEmpty()) {
                found = Optional.of(inCaseFile(() -> CaseFiles.programmeOf(parser)));
            } else {
                parser.skipChildren();
            }
        }
        return found.orElseThrow(() -> BadInput.at("/" + CASE_FILE, "must-be-given", CASE_FILE));
    }

    private static <C extends CaseFile> Question<C> question(JsonParser parser, Programme<C> programme) {
        checkObject(parser);
        Optional<CaseFiles.Read<C>> caseFile = Optional.empty();
        Optional<List<Candidate>> candidates = Optional.empty();
        for (String name = parser.nextName(); name != null; name = parser.nextName()) {
            parser.nextToken();
            if (name.equals(CASE_FILE) && caseFile.isPresent() || name.equals(CANDIDATES) && candidates.isPresent()) {
                throw BadInput.at("", "given-twice", name).below(name);
            }
            switch (name) {
                case CASE_FILE -> caseFile = Optional.of(inCaseFile(() -> CaseFiles.readAs(programme, parser)));
                case CANDIDATES -> candidates = Optional.of(candidates(parser));
                default -> throw BadInput.at("", "no-field").below(name);
            }
        }
        return new Question<>(caseFile.orElseThrow(), candidates.orElse(List.of()));
    }

    private static List<Candidate> candidates(JsonParser parser) {
        try {
            return Records.readList(parser, Candidate.class);
        } catch (BadInput e) {
            throw e.below(CANDIDATES);
        }
    }

    private static <T> T inCaseFile(Supplier<T> reading) {
        try {
            return reading.get();
        } catch (BadInput e) {
            throw e.below(CASE_FILE);
        }
    }

    private static void checkObject(JsonParser parser) {
        if (parser.currentToken() != JsonToken.START_OBJECT) {
            throw BadInput.at("", "object");
        }
    }
}
