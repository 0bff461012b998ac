package org.civitane.exchange.binding;

import java.util.function.Function;
import org.civitane.core.casefile.InvalidFact;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.ObjectReadContext;

/**
 * One JSON document in UTF-8, in part of an array.
 *
 * @param length in bytes
 */
public record Input(byte[] json, int offset, int length) {
    /** A document that fills the array. */
    public static Input of(byte[] json) {
        return new Input(json, 0, json.length);
    }

    /** The first line, without where the parser was told the document came from. */
    private static String inShort(JacksonException e) {
        String line = e.getOriginalMessage().lines().findFirst().orElse("it breaks off");
        int source = line.indexOf(" (start marker");
        return source < 0 ? line : line.substring(0, source);
    }

    /**
     * Reads the document.
     *
     * @param reader is given a parser that stands at the first token, and leaves it at the document's last
     * @throws BadInput at the first fault, with its pointer; without one when it is not JSON, or more than one document
     */
    public <T> T read(Function<JsonParser, T> reader) {
        try (JsonParser parser = Json.factory().createParser(ObjectReadContext.empty(), json, offset, length)) {
            parser.nextToken();
            T read = reader.apply(parser);
            if (parser.nextToken() != null) {
                throw BadInput.at("", "more-after-the-end");
            }
            return read;
        } catch (JacksonException e) {
            throw BadInput.at("", "not-json", inShort(e));
        } catch (InvalidFact e) {
            throw new BadInput(e.pointer(), e.fault());
        }
    }
}
