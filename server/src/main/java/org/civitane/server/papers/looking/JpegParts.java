package org.civitane.server.papers.looking;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/** The segments of a JPEG (ITU-T T.81), and in them which side is up (Exif 2.3, 4.6.4). */
final class JpegParts {
    private static final int START = 0xD8;
    private static final int END = 0xD9;
    private static final int SCAN = 0xDA;
    private static final int COMMENT = 0xFE;
    private static final int FIRST_APPLICATION = 0xE0;
    private static final int EXIF = 0xE1;
    private static final int PROFILE = 0xE2;
    private static final int ADOBE = 0xEE;
    private static final int LAST_APPLICATION = 0xEF;
    private static final int TURN_TAG = 0x0112;
    private static final int ENTRY = 12;
    private static final int HEAD = 64 * 1024;

    private JpegParts() {}

    /** How the picture is to be turned to stand upright, 1 to 8 as Exif numbers it; 1 when nothing says so. */
    static int turnOf(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return turnIn(in.readNBytes(HEAD));
        }
    }

    /** Without what applications and cameras wrote, and without whatever stands behind the end. */
    static byte[] bare(byte[] file) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream(file.length);
        out.write(0xFF);
        out.write(START);
        int turn = turnIn(file);
        if (turn != 1) {
            out.write(turnSegment(turn));
        }
        int at = 2;
        while (at + 1 < file.length) {
            if ((file[at] & 0xFF) != 0xFF) {
                throw new IOException("A segment does not begin where the last one ended.");
            }
            int marker = file[at + 1] & 0xFF;
            if (marker == 0xFF) {
                at++;
                continue;
            }
            if (marker == END) {
                break;
            }
            int end = at + 2 + lengthAt(file, at + 2);
            if (end > file.length) {
                throw new IOException("A segment is longer than the file.");
            }
            if (marker == SCAN) {
                end = endOfScan(file, end);
            }
            if (isKept(file, marker, at)) {
                out.write(file, at, end - at);
            }
            at = end;
        }
        out.write(0xFF);
        out.write(END);
        return out.toByteArray();
    }

    private static boolean isKept(byte[] file, int marker, int at) {
        boolean application = marker >= FIRST_APPLICATION && marker <= LAST_APPLICATION;
        if (!application) {
            return marker != COMMENT;
        }
        return marker == FIRST_APPLICATION && says(file, at, "JFIF\0")
                || marker == PROFILE && says(file, at, "ICC_PROFILE\0")
                || marker == ADOBE && says(file, at, "Adobe");
    }

    private static boolean says(byte[] file, int at, String name) {
        int from = at + 4;
        return from + name.length() <= file.length
                && new String(file, from, name.length(), StandardCharsets.ISO_8859_1).equals(name);
    }

    /** The first marker behind packed data: neither a stuffed byte nor a restart. */
    private static int endOfScan(byte[] file, int from) {
        int at = from;
        while (at + 1 < file.length) {
            int next = file[at + 1] & 0xFF;
            if ((file[at] & 0xFF) == 0xFF && next != 0 && next != 0xFF && (next < 0xD0 || next > 0xD7)) {
                return at;
            }
            at++;
        }
        return file.length;
    }

    private static int lengthAt(byte[] file, int at) throws IOException {
        int length = at + 1 < file.length ? (file[at] & 0xFF) << 8 | file[at + 1] & 0xFF : 0;
        if (length < 2) {
            throw new IOException("A segment has no length.");
        }
        return length;
    }

    private static int turnIn(byte[] file) {
        int at = 2;
        while (at + 4 < file.length && (file[at] & 0xFF) == 0xFF) {
            int marker = file[at + 1] & 0xFF;
            int length = (file[at + 2] & 0xFF) << 8 | file[at + 3] & 0xFF;
            if (marker == SCAN || length < 2) {
                break;
            }
            if (marker == EXIF && says(file, at, "Exif\0\0") && at + 2 + length <= file.length) {
                return turnOfExif(ByteBuffer.wrap(file, at + 10, length - 8).slice());
            }
            at += 2 + length;
        }
        return 1;
    }

    private static int turnOfExif(ByteBuffer exif) {
        try {
            exif.order(exif.getShort(0) == 0x4949 ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
            int directory = exif.getInt(4);
            int entries = exif.getShort(directory) & 0xFFFF;
            for (int entry = 0; entry < entries; entry++) {
                int at = directory + 2 + entry * ENTRY;
                if ((exif.getShort(at) & 0xFFFF) == TURN_TAG) {
                    int turn = exif.getShort(at + 8);
                    return turn >= 1 && turn <= 8 ? turn : 1;
                }
            }
        } catch (IndexOutOfBoundsException e) {
            return 1;
        }
        return 1;
    }

    private static byte[] turnSegment(int turn) {
        byte[] name = "Exif\0\0".getBytes(StandardCharsets.US_ASCII);
        ByteBuffer segment = ByteBuffer.allocate(36);
        segment.putShort((short) (0xFF00 | EXIF)).putShort((short) 34).put(name);
        segment.put("MM".getBytes(StandardCharsets.US_ASCII))
                .putShort((short) 42)
                .putInt(8);
        segment.putShort((short) 1)
                .putShort((short) TURN_TAG)
                .putShort((short) 3)
                .putInt(1);
        segment.putShort((short) turn).putShort((short) 0).putInt(0);
        return segment.array();
    }
}
