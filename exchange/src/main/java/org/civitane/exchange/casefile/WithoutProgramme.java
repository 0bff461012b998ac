package org.civitane.exchange.casefile;

import tools.jackson.core.JsonParser;
import tools.jackson.core.util.JsonParserDelegate;

/** Passes over the top-level field that names the programme: it is known already, and no record has it. */
final class WithoutProgramme extends JsonParserDelegate {
    private static final int TOP = 1;

    WithoutProgramme(JsonParser parser) {
        super(parser);
    }

    @Override
    public String nextName() {
        String name = delegate.nextName();
        boolean atTop = delegate.streamReadContext().getNestingDepth() == TOP;
        if (atTop && "programme".equals(name)) {
            delegate.nextToken();
            return delegate.nextName();
        }
        return name;
    }
}
