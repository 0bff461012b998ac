package org.civitane.server.photos;

/**
 * What is known of a photo's file.
 *
 * @param digest under which it lies in the store
 * @param format {@code JPEG} or {@code PNG}
 */
public record Photo(String digest, String format, int widthPx, int heightPx, long bytes) {
    /** How browsers call the format. */
    public String mediaType() {
        return format.equals("PNG") ? "image/png" : "image/jpeg";
    }
}
