package org.civitane.server.settlements;

import java.time.Instant;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.platform.Phrase;
import tools.jackson.databind.JsonNode;

/**
 * The settled value of a fact: which view it follows, who settled it, when and why.
 *
 * @param unasked settled without asking anybody, since nothing hung on it
 */
public record Settlement(
        FactPath path, View view, JsonNode value, Phrase reason, Phrase by, Instant at, boolean unasked) {}
