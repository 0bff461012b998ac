package org.civitane.exchange.binding;

import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.json.JsonFactoryBuilder;
import tools.jackson.databind.json.JsonMapper;

/** The one JSON set-up: strict, and bounded in depth and in the length of names, numbers and texts. */
public final class Json {
    private static final int DEEPEST = 40;
    private static final int LONGEST_TEXT = 100_000;
    private static final int LONGEST_NAME = 200;
    private static final int LONGEST_NUMBER = 30;

    private static final JsonFactory FACTORY = bounded().build();

    private Json() {}

    private static JsonFactoryBuilder bounded() {
        return JsonFactory.builder()
                .streamReadConstraints(StreamReadConstraints.builder()
                        .maxNestingDepth(DEEPEST)
                        .maxStringLength(LONGEST_TEXT)
                        .maxNameLength(LONGEST_NAME)
                        .maxNumberLength(LONGEST_NUMBER)
                        .build());
    }

    /** For streaming; whoever reads objects sees to it that no field is given twice. */
    public static JsonFactory factory() {
        return FACTORY;
    }

    /** For trees; made when first asked for, since the command line can do without. */
    public static JsonMapper mapper() {
        return Trees.MAPPER;
    }

    private static final class Trees {
        private static final JsonMapper MAPPER = JsonMapper.builder(bounded()
                        .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                        .build())
                .build();
    }
}
