package org.civitane.server.platform;

import java.util.Optional;
import java.util.Set;
import org.civitane.core.reasoning.Reader;
import org.springframework.boot.jackson.JacksonComponent;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;

/** Whoever asks gets phrases in words: staff as they read about people, everybody else as they are spoken to. */
@JacksonComponent
class PhraseJson extends ValueSerializer<Phrase> {
    private static final Set<String> STAFF = Set.of("ROLE_CASEWORKER", "ROLE_SUPERVISOR", "ROLE_AUDITOR");

    private final Texts texts;

    PhraseJson(Texts texts) {
        this.texts = texts;
    }

    @Override
    public void serialize(Phrase phrase, JsonGenerator json, SerializationContext context) {
        json.writeString(texts.say(phrase, reader()));
    }

    private static Reader reader() {
        return Optional.ofNullable(SecurityContextHolder.getContext().getAuthentication()).stream()
                        .flatMap(who -> who.getAuthorities().stream())
                        .map(GrantedAuthority::getAuthority)
                        .anyMatch(STAFF::contains)
                ? Reader.OFFICE
                : Reader.CONCERNED;
    }
}
