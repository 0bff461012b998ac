package org.civitane.server.platform;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;

/** Problem details (RFC 9457) in the one form in which they leave the server, from wherever in it they come. */
public final class ProblemText {
    public static final String SIGN_IN = "Please sign in.";
    public static final String MAY_NOT = "Your account may not do this.";
    static final MediaType TYPE = MediaType.APPLICATION_PROBLEM_JSON;

    /** What no part of the application words itself: the code and the sentence of a status. */
    private static final Map<Integer, Map.Entry<String, String>> USUAL = Map.ofEntries(
            usual(400, "unreadable", "This request could not be read, so nothing was done."),
            usual(401, "sign-in", SIGN_IN),
            usual(403, "forbidden", MAY_NOT),
            usual(404, "not-found", "There is nothing at this address."),
            usual(405, "method", "This address does not take such a request, so nothing was done."),
            usual(406, "not-acceptable", "There is no answer in the form that was asked for."),
            usual(
                    412,
                    "other-account",
                    "Someone else has signed in in this browser since, in another tab, so nothing was done here."),
            usual(413, "too-large", "This is more than can be taken at once, so nothing was kept."),
            usual(415, "media-type", "This is not in a form that can be read here, so nothing was done."),
            usual(
                    500,
                    "unexpected",
                    "Something went wrong on our side. What you saved before is safe. Please try again."),
            usual(
                    503,
                    "out-of-reach",
                    "The server cannot reach its data right now. What you saved before is safe. Please try again in a moment."));

    /** Names the request that went wrong, as the log does. */
    private static final String INSTANCE = "urn:uuid:";

    private ProblemText() {}

    static ProblemDetail detail(Problem problem) {
        return detail(problem.status(), problem.code(), problem.getMessage(), problem.more());
    }

    static ProblemDetail detail(HttpStatusCode status) {
        Map.Entry<String, String> usual = usual(status.value());
        return detail(status, usual.getKey(), usual.getValue(), Map.of());
    }

    static ProblemDetail detail(HttpStatusCode status, String code, String sentence, Map<String, String> more) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, sentence);
        detail.setType(URI.create("urn:civitane:problem:" + code));
        detail.setInstance(URI.create(INSTANCE + RequestId.now()));
        detail.setProperty("code", code);
        more.forEach(detail::setProperty);
        return detail;
    }

    /** Answers with the usual problem of a status, from where no controller is near. */
    public static void write(HttpServletResponse response, int status) throws IOException {
        response.setStatus(status);
        response.setContentType(TYPE.toString());
        SecurityHeaders.ALL.forEach(response::setHeader);
        response.getOutputStream().write(json(status).getBytes(StandardCharsets.UTF_8));
    }

    /** The usual problem of a status, as JSON. */
    static String json(int status) {
        Map.Entry<String, String> usual = usual(status);
        Map<String, Object> fields = new LinkedHashMap<>();
        fields.put("type", "urn:civitane:problem:" + usual.getKey());
        fields.put("status", status);
        fields.put("detail", usual.getValue());
        fields.put("instance", INSTANCE + RequestId.now());
        fields.put("code", usual.getKey());
        return JsonColumn.write(fields);
    }

    private static Map.Entry<Integer, Map.Entry<String, String>> usual(int status, String code, String sentence) {
        return Map.entry(status, Map.entry(code, sentence));
    }

    private static Map.Entry<String, String> usual(int status) {
        int like = status < 500 ? 400 : 500;
        return USUAL.getOrDefault(status, USUAL.get(like));
    }
}
