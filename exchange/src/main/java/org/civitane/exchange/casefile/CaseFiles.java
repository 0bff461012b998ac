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
import org.civitane.exchange.binding.Json;
import org.civitane.exchange.binding.Records;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;

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
                throw new BadInput("/receivedAt", e.getMessage());
            } catch (ArithmeticException e) {
                throw new BadInput("", "The amounts are too large to add up.");
            }
        }
    }

    /**
     * Reads one case file.
     *
     * @param json UTF-8; exactly one document
     * @throws BadInput at the first fault, with its pointer
     */
    public static Read<?> read(byte[] json, int offset, int length) {
        try {
            Programme<?> programme = programmeOf(json, offset, length);
            try (JsonParser parser = new WithoutProgramme(
                    Json.factory().createParser(ObjectReadContext.empty(), json, offset, length))) {
                parser.nextToken();
                Read<?> read = readAs(programme, parser);
                if (parser.nextToken() != null) {
                    throw new BadInput("", "There is more after the end of the case file.");
                }
                return read;
            }
        } catch (JacksonException e) {
            throw new BadInput(
                    "",
                    "This is not JSON: "
                            + e.getOriginalMessage().lines().findFirst().orElse("it breaks off") + ".");
        }
    }

    /** Reads one case file; see {@link #read(byte[], int, int)}. */
    public static Read<?> read(byte[] json) {
        return read(json, 0, json.length);
    }

    private static <C extends CaseFile> Read<C> readAs(Programme<C> programme, JsonParser parser) {
        return new Read<>(programme, Records.read(parser, programme.caseType()));
    }

    /** Looks for the programme's name first, since it says what the other fields may be. */
    private static Programme<?> programmeOf(byte[] json, int offset, int length) {
        try (JsonParser parser = Json.factory().createParser(ObjectReadContext.empty(), json, offset, length)) {
            if (parser.nextToken() != JsonToken.START_OBJECT) {
                throw new BadInput("", "A case file is an object.");
            }
            for (String name = parser.nextName(); name != null; name = parser.nextName()) {
                JsonToken token = parser.nextToken();
                if (name.equals(PROGRAMME)) {
                    if (token != JsonToken.VALUE_STRING) {
                        throw new BadInput("/" + PROGRAMME, "The programme is a text.");
                    }
                    String id = parser.getString();
                    Optional<Programme<?>> found = Catalogue.find(id);
                    return found.orElseThrow(
                            () -> new BadInput("/" + PROGRAMME, "There is no programme \"" + shortened(id) + "\"."));
                }
                parser.skipChildren();
            }
            throw new BadInput("/" + PROGRAMME, "\"programme\" must be given.");
        }
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 40) + "…";
    }
}
