package org.civitane.server.corrections;

import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * One point of a fix list.
 *
 * @param path the fact it unlocks
 * @param title the fact in words
 * @param reason what is wrong or unclear, said to the applicant
 * @param good what a good answer looks like
 * @param before the value when the list was sent; null while it is a draft
 * @param after the value that came back; null until then
 * @param note what the applicant added in their own words; null when nothing
 */
public record Point(
        String path,
        String title,
        String reason,
        String good,
        @Nullable JsonNode before,
        @Nullable JsonNode after,
        @Nullable String note) {
    Point sentWith(JsonNode value) {
        return new Point(path, title, reason, good, value, null, null);
    }

    Point answeredWith(JsonNode value, @Nullable String words) {
        return new Point(path, title, reason, good, before, value, words);
    }
}
