package org.civitane.exchange.casefile;

import java.util.Optional;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.policy.NoPolicyInForce;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.binding.Input;
import org.civitane.exchange.binding.Records;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

/** Case files as JSON (docs/formats). */
public final class CaseFiles {
    private static final String PROGRAMME = "programme";

    private CaseFiles() {}

    /** A case file with the programme it applies to. */
    public record Read<C extends CaseFile>(Programme<C> programme, C file) {
        /**
         * Determines it.
         *
         * @throws BadInput at {@code /receivedAt} when no policy was in force
         */
        public Determination determine(PolicyBook book, Reasoning why) {
            try {
                return programme.determine(file, book, why);
            } catch (NoPolicyInForce e) {
                throw new BadInput("/receivedAt", e.fault());
            } catch (ArithmeticException e) {
                throw BadInput.at("", "too-large-to-add");
            }
        }
    }

    /**
     * Reads one case file.
     *
     * @param json UTF-8; exactly one document
     * @throws BadInput at the first fault, with its pointer
     */
    public static Read<?> read(byte[] json) {
        return read(Input.of(json));
    }

    /** Reads one case file; see {@link #read(byte[])}. */
    public static Read<?> read(Input input) {
        Optional<Read<?>> read = input.read(CaseFiles::readProgrammeFirst);
        return read.orElseGet(() -> {
            Programme<?> programme = input.read(CaseFiles::programmeOf);
            return input.read(parser -> readAs(programme, parser));
        });
    }

    /** Reads in one go where the first field names the programme; passes over everything otherwise. */
    private static Optional<Read<?>> readProgrammeFirst(JsonParser parser) {
        checkObject(parser);
        if (!PROGRAMME.equals(parser.nextName())) {
            while (parser.streamReadContext().getNestingDepth() > 0) {
                parser.nextToken();
                parser.skipChildren();
            }
            return Optional.empty();
        }
        parser.nextToken();
        return Optional.of(readRest(programmeAt(parser), parser));
    }

    /**
     * The programme that a case file names, wherever in it that stands; the rest is passed over.
     *
     * @param parser stands at the case file's start, and is left at its end
     * @throws BadInput when it names none, or one that there is not
     */
    public static Programme<?> programmeOf(JsonParser parser) {
        checkObject(parser);
        Optional<Programme<?>> found = Optional.empty();
        for (String name = parser.nextName(); name != null; name = parser.nextName()) {
            parser.nextToken();
            if (name.equals(PROGRAMME) && found.isPresent()) {
                throw BadInput.at("/" + PROGRAMME, "given-twice", PROGRAMME);
            }
            if (name.equals(PROGRAMME)) {
                found = Optional.of(programmeAt(parser));
            } else {
                parser.skipChildren();
            }
        }
        return found.orElseThrow(() -> BadInput.at("/" + PROGRAMME, "must-be-given", PROGRAMME));
    }

    /**
     * Reads a case file whose programme is known, from {@link #programmeOf}.
     *
     * @param parser stands at the case file's start, and is left at its end
     * @throws BadInput at the first fault, with a pointer relative to the case file
     */
    public static <C extends CaseFile> Read<C> readAs(Programme<C> programme, JsonParser parser) {
        checkObject(parser);
        return new Read<>(programme, Records.read(new WithoutProgramme(parser), programme.caseType()));
    }

    private static <C extends CaseFile> Read<C> readRest(Programme<C> programme, JsonParser parser) {
        return new Read<>(programme, Records.readRest(parser, programme.caseType()));
    }

    private static void checkObject(JsonParser parser) {
        if (parser.currentToken() != JsonToken.START_OBJECT) {
            throw BadInput.at("", "case-file");
        }
    }

    private static Programme<?> programmeAt(JsonParser parser) {
        if (parser.currentToken() != JsonToken.VALUE_STRING) {
            throw BadInput.at("/" + PROGRAMME, "programme-text");
        }
        String id = parser.getString();
        Optional<Programme<?>> found = Catalogue.find(id);
        return found.orElseThrow(() -> BadInput.at("/" + PROGRAMME, "no-programme", shortened(id)));
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 40) + "…";
    }
}
