package org.civitane.server.papers.looking;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Set;

/** The chunks of a PNG (ISO/IEC 15948). */
final class PngParts {
    private static final int SIGNATURE = 8;
    /** Length, type and checksum. */
    private static final int AROUND = 12;

    /** What the picture looks like; everything else is about it. */
    private static final Set<String> KEPT =
            Set.of("IHDR", "PLTE", "IDAT", "IEND", "tRNS", "gAMA", "cHRM", "sRGB", "iCCP", "sBIT", "pHYs", "bKGD");

    private PngParts() {}

    /** Without other chunks, and without whatever stands behind the end. */
    static byte[] bare(byte[] file) throws IOException {
        ByteBuffer in = ByteBuffer.wrap(file);
        ByteArrayOutputStream out = new ByteArrayOutputStream(file.length);
        out.write(file, 0, SIGNATURE);
        int at = SIGNATURE;
        while (true) {
            long length = Integer.toUnsignedLong(in.getInt(at)) + AROUND;
            if (at + length > file.length) {
                throw new IOException("A chunk is longer than the file.");
            }
            String type = new String(file, at + Integer.BYTES, Integer.BYTES, StandardCharsets.US_ASCII);
            if (KEPT.contains(type)) {
                out.write(file, at, (int) length);
            }
            if (type.equals("IEND")) {
                return out.toByteArray();
            }
            at += (int) length;
        }
    }
}
