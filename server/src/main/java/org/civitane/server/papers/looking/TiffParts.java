package org.civitane.server.papers.looking;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;

/** The directories of a TIFF (revision 6.0), each of which describes a page. */
final class TiffParts {
    private static final int ENTRY = 12;
    private static final int MOST_DIRECTORIES = 1_000;
    private static final int EXIF = 34_665;
    private static final int PLACE = 34_853;
    private static final int[] BYTES_OF_TYPE = {0, 1, 1, 2, 4, 8, 1, 1, 2, 4, 8, 4, 8, 4};

    /** What is needed to show the picture; everything else is about it. */
    private static final Set<Integer> KEPT = Set.of(
            254, 255, 256, 257, 258, 259, 262, 263, 266, 273, 274, 277, 278, 279, 280, 281, 282, 283, 284, 290, 291,
            292, 293, 296, 297, 301, 317, 318, 319, 320, 321, 322, 323, 324, 325, 332, 334, 336, 338, 339, 340, 341,
            347, 512, 513, 514, 515, 517, 518, 519, 520, 521, 529, 530, 531, 532, 34_675);

    private final byte[] file;
    private final ByteBuffer in;
    private final Set<Integer> seen = new HashSet<>();

    TiffParts(byte[] file) {
        this.file = file;
        this.in = ByteBuffer.wrap(file);
        in.order(in.getShort(0) == 0x4949 ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
    }

    /** In place, so that what is kept stays where it is pointed to; what is not is blank. */
    byte[] bare() throws IOException {
        if (in.getShort(2) != 42) {
            throw new IOException("This is no TIFF of the usual kind.");
        }
        int directory = in.getInt(4);
        while (directory != 0) {
            directory = bareDirectory(directory);
        }
        return file;
    }

    /** @return where the next one is; 0 after the last */
    private int bareDirectory(int directory) throws IOException {
        visit(directory);
        int entries = in.getShort(directory) & 0xFFFF;
        int next = in.getInt(directory + 2 + entries * ENTRY);
        int kept = 0;
        for (int entry = 0; entry < entries; entry++) {
            int at = directory + 2 + entry * ENTRY;
            if (KEPT.contains(in.getShort(at) & 0xFFFF)) {
                System.arraycopy(file, at, file, directory + 2 + kept * ENTRY, ENTRY);
                kept++;
            } else {
                blank(at);
            }
        }
        int end = directory + 2 + kept * ENTRY;
        Arrays.fill(file, end, directory + 2 + entries * ENTRY + Integer.BYTES, (byte) 0);
        in.putShort(directory, (short) kept);
        in.putInt(end, next);
        return next;
    }

    /** Blanks what an entry points to. */
    private void blank(int at) throws IOException {
        int tag = in.getShort(at) & 0xFFFF;
        int type = in.getShort(at + 2) & 0xFFFF;
        long bytes =
                Integer.toUnsignedLong(in.getInt(at + 4)) * (type < BYTES_OF_TYPE.length ? BYTES_OF_TYPE[type] : 1);
        int from = in.getInt(at + 8);
        if (tag == EXIF || tag == PLACE) {
            blankDirectory(from);
        } else if (bytes > Integer.BYTES && from > 0 && from + bytes <= file.length) {
            Arrays.fill(file, from, (int) (from + bytes), (byte) 0);
        }
    }

    private void blankDirectory(int directory) throws IOException {
        if (directory <= 0 || directory + 2 > file.length || seen.contains(directory)) {
            return;
        }
        visit(directory);
        int entries = in.getShort(directory) & 0xFFFF;
        int end = Math.min(directory + 2 + entries * ENTRY + Integer.BYTES, file.length);
        for (int at = directory + 2; at + ENTRY <= end; at += ENTRY) {
            blank(at);
        }
        Arrays.fill(file, directory, end, (byte) 0);
    }

    private void visit(int directory) throws IOException {
        if (!seen.add(directory) || seen.size() > MOST_DIRECTORIES) {
            throw new IOException("Its directories go in a circle.");
        }
    }
}
