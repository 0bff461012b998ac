package org.civitane.server.papers.looking;

import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.file.Path;

/**
 * What is to be looked at in a file, as it goes to the process that looks.
 *
 * @param task what is wanted
 * @param file the file
 * @param mediaType what it holds, as found by its first bytes
 * @param page the page wanted, from 1, or how many pages at most
 * @param widest the most pixels a picture may be wide and high
 */
record Look(Task task, Path file, String mediaType, int page, int widest) {
    enum Task {
        /** Counts the pages and looks at the first. Answers four bytes. */
        PAGES,
        /** Answers a page as PNG, to the dot. */
        PICTURE,
        /** Answers a page as a person is shown it: a photo as JPEG, which is made sooner and half as long, else PNG. */
        VIEW,
        /** Draws a picture whole and answers how many pixels it is wide and high, upright: eight bytes. */
        SIZE,
        /** Answers the lines of text that a PDF holds, as {@link Lines} writes them. */
        LINES,
        /** Answers what the square code on a page says, in UTF-8; nothing where there is none. */
        CODE,
        /** Answers the picture file without what it says of its making (see {@link Bare}). */
        BARE
    }

    void write(DataOutputStream out) throws IOException {
        out.writeUTF(task.name());
        out.writeUTF(file.toString());
        out.writeUTF(mediaType);
        out.writeInt(page);
        out.writeInt(widest);
        out.flush();
    }

    static Look read(DataInputStream in) throws IOException {
        return new Look(Task.valueOf(in.readUTF()), Path.of(in.readUTF()), in.readUTF(), in.readInt(), in.readInt());
    }
}
