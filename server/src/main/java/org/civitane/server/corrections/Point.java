package org.civitane.server.corrections;

import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * One point of a fix list.
 *
 * @param path the fact it unlocks; {@code papers/}, a kind and a member ask for a paper
 * @param title the fact in words
 * @param reason what is wrong or unclear, said to the applicant
 * @param good what a good answer looks like
 * @param before the value when the list was sent; null while it is a draft
 * @param after the value that came back; null until then
 * @param note what the applicant added in their own words; null when nothing
 * @param answeredAt when it was answered; null while it is open
 */
public record Point(
        String path,
        String title,
        String reason,
        String good,
        @Nullable JsonNode before,
        @Nullable JsonNode after,
        @Nullable String note,
        @Nullable String answeredAt) {
    private static final String PAPERS = "papers/";

    /** A point that has not been sent. */
    public static Point asking(String path, String title, String reason, String good) {
        return new Point(path, title, reason, good, null, null, null, null);
    }

    /** Whether nobody answered it yet. */
    @JsonIgnore
    public boolean isOpen() {
        return answeredAt == null;
    }

    /** Whether it asks for a paper, and not about a fact. */
    @JsonIgnore
    public boolean isForPaper() {
        return path.startsWith(PAPERS);
    }

    /** The kind of paper it asks for. */
    String paperKind() {
        return path.split("/")[1];
    }

    /** Whom the paper is to be about; empty for the household. */
    String paperSubject() {
        String[] parts = path.split("/");
        return parts.length > 2 ? parts[2] : "";
    }

    Point sentWith(JsonNode value) {
        return new Point(path, title, reason, good, value, null, null, null);
    }

    Point answeredWith(JsonNode value, @Nullable String words, String at) {
        return new Point(path, title, reason, good, before, value, words, at);
    }
}
