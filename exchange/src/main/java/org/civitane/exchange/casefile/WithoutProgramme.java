package org.civitane.exchange.casefile;

import tools.jackson.core.JsonParser;
import tools.jackson.core.util.JsonParserDelegate;

/** Passes over the field of a case file that names the programme: it is known already, and no record has it. */
final class WithoutProgramme extends JsonParserDelegate {
    private final int depth;

    /** @param parser stands at the start of the case file, on its own or within another document */
    WithoutProgramme(JsonParser parser) {
        super(parser);
        this.depth = parser.streamReadContext().getNestingDepth();
    }

    @Override
    public String nextName() {
        String name = delegate.nextName();
        boolean ofCaseFile = delegate.streamReadContext().getNestingDepth() == depth;
        if (ofCaseFile && "programme".equals(name)) {
            delegate.nextToken();
            return delegate.nextName();
        }
        return name;
    }
}
