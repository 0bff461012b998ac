package org.civitane.server.platform;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.lang.reflect.Type;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.fact.Shape;
import org.civitane.core.programme.Catalogue;
import org.civitane.exchange.binding.Json;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.TokenStreamContext;

/** The door for every text that comes in as JSON: bounded before it is read, and plain (see {@link PlainText}). */
@RestControllerAdvice
class TextDoor extends RequestBodyAdviceAdapter {
    /** The largest body taken, in bytes; papers come by another way. */
    static final int LARGEST = 64 * 1024;

    /** Fields in which people write more than a line: what staff and applicants write to each other, and such facts. */
    private static final Set<String> LONG_TEXTS = Stream.concat(
                    Stream.of("body", "reason", "despite", "words", "why", "note", "good", "abroad"),
                    Catalogue.programmes().stream()
                            .flatMap(programme -> programme.facts().stream())
                            .filter(fact -> fact.shape().equals(new Shape.Text(true)))
                            .map(FactSpec::name))
            .collect(Collectors.toUnmodifiableSet());

    TextDoor(Texts texts) {}

    @Override
    public boolean supports(MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
        return true;
    }

    @Override
    public HttpInputMessage beforeBodyRead(
            HttpInputMessage message,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> converter)
            throws IOException {
        byte[] body = message.getBody().readNBytes(LARGEST + 1);
        if (body.length > LARGEST) {
            throw Problem.tooLarge(Phrase.of("problem.too-large", LARGEST / 1024));
        }
        try {
            return new Read(plain(body), message.getHeaders());
        } catch (JacksonException e) {
            throw new HttpMessageNotReadableException("The body is not JSON.", e, message);
        }
    }

    private byte[] plain(byte[] body) {
        ByteArrayOutputStream out = new ByteArrayOutputStream(body.length);
        try (JsonParser in = Json.factory().createParser(ObjectReadContext.empty(), body);
                JsonGenerator json = Json.factory().createGenerator(ObjectWriteContext.empty(), (OutputStream) out)) {
            for (JsonToken token = in.nextToken(); token != null; token = in.nextToken()) {
                if (token == JsonToken.VALUE_STRING) {
                    json.writeString(checked(in.getString(), in));
                } else if (token == JsonToken.PROPERTY_NAME) {
                    json.writeName(checked(in.currentName(), in));
                } else {
                    json.copyCurrentEventExact(in);
                }
            }
        }
        return out.toByteArray();
    }

    private String checked(String text, JsonParser at) {
        boolean lines = at.currentToken() == JsonToken.VALUE_STRING && LONG_TEXTS.contains(fieldAt(at));
        Optional<PlainText.Fault> fault = PlainText.faultOf(text, lines);
        if (fault.isPresent()) {
            String pointer = at.streamReadContext().pathAsPointer().toString();
            throw Problem.invalid(
                    pointer.isEmpty() ? "" : pointer.substring(1), Phrase.of("problem.text." + fault.get()));
        }
        return PlainText.cleaned(text);
    }

    /** The name of the field in which a value stands, also when it stands in a list there. */
    private static String fieldAt(JsonParser at) {
        TokenStreamContext context = at.streamReadContext();
        while (context.inArray() && context.getParent() != null) {
            context = context.getParent();
        }
        return context.currentName() == null ? "" : context.currentName();
    }

    private record Read(byte[] body, HttpHeaders headers) implements HttpInputMessage {
        @Override
        public InputStream getBody() {
            return new ByteArrayInputStream(body);
        }

        @Override
        public HttpHeaders getHeaders() {
            return headers;
        }
    }
}
