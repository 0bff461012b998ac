package org.civitane.exchange.binding;

import tools.jackson.core.JsonParser;

/**
 * Reads one value at which a parser stands, and leaves the parser at the value's last token.
 *
 * @param <T> what it makes of it
 */
@FunctionalInterface
interface Reader<T> {
    /** @throws BadInput with a pointer relative to the value */
    T read(JsonParser parser);
}
