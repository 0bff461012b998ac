package org.civitane.exchange.verification;

import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.materiality.Candidate;
import org.civitane.core.materiality.Materiality;
import org.civitane.core.policy.NoPolicyInForce;
import org.civitane.core.policy.PolicyBook;
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

    /** A case file, by its place in the document, and what its lines could turn out to be. */
    private record Question(Input caseFile, List<Candidate> candidates) {}

    /**
     * Reads a question and answers it.
     *
     * @throws BadInput at the first fault, with its pointer
     */
    public static Materiality answer(Input input, PolicyBook book) {
        Question question = input.read(parser -> question(parser, input));
        CaseFiles.Read<?> read;
        try {
            read = CaseFiles.read(question.caseFile());
        } catch (BadInput e) {
            throw e.below(CASE_FILE);
        }
        return answer(read, question.candidates(), book);
    }

    private static <C extends CaseFile> Materiality answer(
            CaseFiles.Read<C> read, List<Candidate> candidates, PolicyBook book) {
        try {
            return Materiality.of(read.programme(), read.file(), candidates, book);
        } catch (InvalidFact e) {
            throw new BadInput(e.pointer(), e.getMessage());
        } catch (NoPolicyInForce e) {
            throw new BadInput("/caseFile/receivedAt", e.getMessage());
        } catch (ArithmeticException e) {
            throw new BadInput("", "The amounts are too large to add up.");
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

    private static Question question(JsonParser parser, Input input) {
        if (parser.currentToken() != JsonToken.START_OBJECT) {
            throw new BadInput("", "This must be an object.");
        }
        Optional<Input> caseFile = Optional.empty();
        Optional<List<Candidate>> candidates = Optional.empty();
        for (String name = parser.nextName(); name != null; name = parser.nextName()) {
            parser.nextToken();
            if (name.equals(CASE_FILE) && caseFile.isPresent() || name.equals(CANDIDATES) && candidates.isPresent()) {
                throw new BadInput("", "\"" + name + "\" is given twice.").below(name);
            }
            switch (name) {
                case CASE_FILE -> caseFile = Optional.of(placeOf(parser, input));
                case CANDIDATES -> candidates = Optional.of(candidates(parser));
                default -> throw new BadInput("", "There is no field here of this name.").below(name);
            }
        }
        Input found = caseFile.orElseThrow(() -> new BadInput("/caseFile", "\"caseFile\" must be given."));
        return new Question(found, candidates.orElse(List.of()));
    }

    private static List<Candidate> candidates(JsonParser parser) {
        try {
            return Records.readList(parser, Candidate.class);
        } catch (BadInput e) {
            throw e.below(CANDIDATES);
        }
    }

    /** Where the value at which the parser stands begins and ends; the programme within says how to read it. */
    private static Input placeOf(JsonParser parser, Input input) {
        if (parser.currentToken() != JsonToken.START_OBJECT) {
            throw new BadInput("/caseFile", "A case file is an object.");
        }
        long from = parser.currentTokenLocation().getByteOffset();
        parser.skipChildren();
        long to = parser.currentLocation().getByteOffset();
        return input.part((int) from - input.offset(), (int) to - input.offset());
    }
}
