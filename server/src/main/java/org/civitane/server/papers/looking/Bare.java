package org.civitane.server.papers.looking;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * A picture file without what cameras and programs write beside the picture: where and when it was taken, with what, by
 * whom, smaller pictures of it. The picture itself stays as it is, to the bit, and which side is up.
 */
final class Bare {
    private Bare() {}

    /** @throws IOException when the file is no whole one of its kind */
    static byte[] of(Path file, String mediaType) throws IOException {
        byte[] contents = Files.readAllBytes(file);
        try {
            return switch (mediaType) {
                case "image/jpeg" -> JpegParts.bare(contents);
                case "image/png" -> PngParts.bare(contents);
                case "image/tiff" -> new TiffParts(contents).bare();
                default -> throw new IOException("This is no picture: " + mediaType);
            };
        } catch (IndexOutOfBoundsException | java.nio.BufferUnderflowException e) {
            throw new IOException("A part of the file points out of it.", e);
        }
    }
}
