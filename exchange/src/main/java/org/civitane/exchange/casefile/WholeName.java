package org.civitane.exchange.casefile;

import tools.jackson.databind.JsonNode;

/** What somebody is called in full, in a case file or in the answer of a register. */
public final class WholeName {
    private WholeName() {}

    /** Given and family name; of a part that is missing nothing stands there. */
    public static String of(JsonNode person) {
        return person.path("givenName").asString("") + " "
                + person.path("familyName").asString("");
    }
}
