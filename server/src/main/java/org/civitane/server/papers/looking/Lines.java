package org.civitane.server.papers.looking;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.civitane.server.papers.ShownValue;
import org.civitane.server.papers.reading.Line;

/** Lines of text as bytes, for the way between two processes. */
final class Lines {
    /** More than any paper that is read here has. */
    private static final int MOST = 5_000;

    private static final int LONGEST = 1_000;

    private Lines() {}

    static byte[] write(List<Line> lines) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        DataOutputStream out = new DataOutputStream(bytes);
        List<Line> some = lines.subList(0, Math.min(lines.size(), MOST));
        out.writeInt(some.size());
        for (Line line : some) {
            out.writeUTF(line.text().substring(0, Math.min(line.text().length(), LONGEST)));
            out.writeInt(line.page());
            out.writeDouble(line.place().left());
            out.writeDouble(line.place().top());
            out.writeDouble(line.place().width());
            out.writeDouble(line.place().height());
        }
        return bytes.toByteArray();
    }

    static List<Line> read(byte[] bytes) throws IOException {
        DataInputStream in = new DataInputStream(new ByteArrayInputStream(bytes));
        int count = Math.min(in.readInt(), MOST);
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            lines.add(new Line(
                    in.readUTF(),
                    in.readInt(),
                    new ShownValue.Box(in.readDouble(), in.readDouble(), in.readDouble(), in.readDouble())));
        }
        return lines;
    }
}
