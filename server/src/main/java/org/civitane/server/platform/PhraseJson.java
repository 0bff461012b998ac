package org.civitane.server.platform;

import org.springframework.boot.jackson.JacksonComponent;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;

/** Whoever asks gets phrases in words. */
@JacksonComponent
class PhraseJson extends ValueSerializer<Phrase> {
    private final Texts texts;

    PhraseJson(Texts texts) {
        this.texts = texts;
    }

    @Override
    public void serialize(Phrase phrase, JsonGenerator json, SerializationContext context) {
        json.writeString(texts.say(phrase));
    }
}
