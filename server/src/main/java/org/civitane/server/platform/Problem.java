package org.civitane.server.platform;

import java.time.Duration;
import java.util.Map;
import org.springframework.http.HttpStatus;

/**
 * Something that a person is told: what happened, what it means for them and what to do. Becomes an RFC 9457 problem
 * detail with a stable {@code code} and, where it is about one fact, the fact's {@code path}.
 */
public final class Problem extends RuntimeException {
    /** When to come back, in seconds; told in the header of that name as well. */
    static final String RETRY_AFTER = "retryAfter";

    private static final String NOT_NOW = "not-now";

    private static final Texts WORDS = new Texts();

    private final HttpStatus status;
    private final String code;
    private final transient Map<String, String> more;

    private Problem(HttpStatus status, String code, Phrase sentence, Map<String, String> more) {
        super(WORDS.say(sentence));
        this.status = status;
        this.code = code;
        this.more = Map.copyOf(more);
    }

    /** Nothing there, or nothing that this person may see: the two look alike. */
    public static Problem notFound(Phrase sentence) {
        return new Problem(HttpStatus.NOT_FOUND, "not-found", sentence, Map.of());
    }

    /** What was asked goes against how things stand now. */
    public static Problem conflict(String code, Phrase sentence) {
        return new Problem(HttpStatus.CONFLICT, code, sentence, Map.of());
    }

    /** As {@link #conflict(String, Phrase)}, with more for the screen to act on. */
    public static Problem conflict(String code, Phrase sentence, Map<String, String> more) {
        return new Problem(HttpStatus.CONFLICT, code, sentence, more);
    }

    /** A fact cannot stand. @param path the fact's path */
    public static Problem invalid(String path, Phrase sentence) {
        return new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "invalid", sentence, Map.of("path", path));
    }

    /** What came is nothing that can be read. */
    public static Problem unreadable(Phrase sentence) {
        return new Problem(HttpStatus.BAD_REQUEST, "unreadable", sentence, Map.of());
    }

    /** What came is more than is taken at once. */
    public static Problem tooLarge(Phrase sentence) {
        return new Problem(HttpStatus.CONTENT_TOO_LARGE, "too-large", sentence, Map.of());
    }

    public static Problem forbidden(Phrase sentence) {
        return new Problem(HttpStatus.FORBIDDEN, "forbidden", sentence, Map.of());
    }

    /** This person may not do this here. @param code says why, for machines */
    public static Problem forbidden(String code, Phrase sentence) {
        return new Problem(HttpStatus.FORBIDDEN, code, sentence, Map.of());
    }

    /** Too often: try again later. */
    public static Problem tooMany(Phrase sentence) {
        return new Problem(HttpStatus.TOO_MANY_REQUESTS, "too-many", sentence, Map.of());
    }

    /** Too often: try again when that time has passed. */
    public static Problem tooMany(Phrase sentence, Duration after) {
        return new Problem(
                HttpStatus.TOO_MANY_REQUESTS,
                "too-many",
                sentence,
                Map.of(RETRY_AFTER, String.valueOf(Math.max(1, after.toSeconds() + 1))));
    }

    /** Nothing is wrong with what was asked; it cannot be done at this moment. @param after when to ask again */
    public static Problem notNow(Phrase sentence, Duration after) {
        return new Problem(
                HttpStatus.SERVICE_UNAVAILABLE,
                NOT_NOW,
                sentence,
                Map.of(RETRY_AFTER, String.valueOf(Math.max(1, after.toSeconds()))));
    }

    /** There is no room to keep something: nothing of it was kept. */
    public static Problem noRoom(Phrase sentence) {
        return new Problem(HttpStatus.INSUFFICIENT_STORAGE, "no-room", sentence, Map.of());
    }

    public static Problem unauthorized(Phrase sentence) {
        return new Problem(HttpStatus.UNAUTHORIZED, "sign-in", sentence, Map.of());
    }

    /** Whether the same may go well later, as nothing is wrong with what was asked. */
    public boolean mayGoWellLater() {
        return status.is5xxServerError() || status == HttpStatus.TOO_MANY_REQUESTS;
    }

    HttpStatus status() {
        return status;
    }

    public String code() {
        return code;
    }

    Map<String, String> more() {
        return more;
    }
}
