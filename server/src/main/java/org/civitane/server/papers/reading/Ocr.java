package org.civitane.server.papers.reading;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.civitane.server.papers.ShownValue;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The lines of text in a picture, through the Tesseract program; none where it is not installed. */
public final class Ocr {
    private static final Logger LOG = LoggerFactory.getLogger(Ocr.class);
    /** Of processor time, which the page costs, whatever else the machine does. */
    private static final int MOST_SECONDS = 30;
    /** By the clock; a page that runs into it is read again. */
    private static final int PATIENCE_SECONDS = 300;
    /** Holds memory and processor time down also when this process is no longer there to end it. */
    private static final List<String> BOUNDED =
            List.of("prlimit", "--as=1500000000", "--cpu=" + MOST_SECONDS + ":" + 2 * MOST_SECONDS);

    /** What a process ends with that was told to by a signal from outside: interrupted, killed, terminated, hung up. */
    private static final Set<Integer> BY_OTHERS = Set.of(129, 130, 137, 143);

    private static final int LONGEST_TABLE = 16 * 1024 * 1024;
    private static final String ZONE_LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789<";
    /** The columns of Tesseract's table that are used here. */
    private static final int BLOCK = 2;

    private static final int PARAGRAPH = 3;
    private static final int LINE = 4;
    private static final int LEFT = 6;
    private static final int TOP = 7;
    private static final int WIDTH = 8;
    private static final int HEIGHT = 9;
    private static final int CONFIDENCE = 10;
    private static final int TEXT = 11;

    private Ocr() {}

    /** The letters of all names here, such as Þ, Ø and Å, where they are installed; else those of English. */
    private static final class Letters {
        private static final String ALL = "Latin";
        private static final String INSTALLED = installed();
        private static final String KNOWN = INSTALLED.contains(ALL) ? ALL : "eng";

        private static String installed() {
            try {
                return run(List.of("tesseract", "--list-langs"), new byte[0]);
            } catch (IOException e) {
                return "";
            }
        }
    }

    /** All lines of a page as text. @throws Unreadable when they cannot be read, @throws IOException when not now */
    public static List<Line> lines(Straight picture, int page) throws IOException {
        return read(picture, page, List.of("-l", Letters.KNOWN));
    }

    /** All lines of a page, read as if they held only what a machine-readable zone may hold. */
    public static List<Line> zoneLines(Straight picture, int page) throws IOException {
        return read(picture, page, List.of("-c", "tessedit_char_whitelist=" + ZONE_LETTERS));
    }

    private static List<Line> read(Straight picture, int page, List<String> more) throws IOException {
        if (Letters.INSTALLED.isEmpty()) {
            return List.of();
        }
        List<String> command = new ArrayList<>(BOUNDED);
        command.addAll(List.of("tesseract", "stdin", "stdout", "--psm", "6"));
        command.addAll(more);
        command.add("tsv");
        return parse(run(command, picture.png()), picture.width(), picture.height(), page).stream()
                .map(line -> new Line(line.text(), page, picture.before(line.place())))
                .toList();
    }

    /** The picture is one that cannot be read: reading it again would end in the same way. */
    public static final class Unreadable extends IOException {
        private Unreadable(int exitValue) {
            super("tesseract did not read the page: " + exitValue);
        }
    }

    /** Nothing of the page is put on the disk, and the process is ended when its time is over. */
    private static String run(List<String> command, byte[] png) throws IOException {
        ProcessBuilder tesseract = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD);
        String path = tesseract.environment().getOrDefault("PATH", "/usr/bin:/bin");
        tesseract.environment().clear();
        tesseract.environment().putAll(Map.of("PATH", path, "LC_ALL", "C.UTF-8", "OMP_THREAD_LIMIT", "1"));
        Process process = tesseract.start();
        CompletableFuture<Void> end = CompletableFuture.runAsync(
                process::destroyForcibly, CompletableFuture.delayedExecutor(PATIENCE_SECONDS, TimeUnit.SECONDS));
        try {
            give(process, png);
            String table = new String(process.getInputStream().readNBytes(LONGEST_TABLE), StandardCharsets.UTF_8);
            int with = process.waitFor();
            if (BY_OTHERS.contains(with)) {
                throw new IOException("tesseract was ended");
            }
            if (with != 0) {
                throw new Unreadable(with);
            }
            return table;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("interrupted", e);
        } finally {
            end.cancel(false);
            process.destroyForcibly();
        }
    }

    /** That it ended before it took all is told by what it ended with. */
    private static void give(Process process, byte[] png) {
        try (OutputStream in = process.getOutputStream()) {
            in.write(png);
        } catch (IOException e) {
            LOG.debug("tesseract did not take all of a page");
        }
    }

    private static List<Line> parse(String table, double width, double height, int page) {
        Map<String, List<String[]>> words = new LinkedHashMap<>();
        table.lines()
                .skip(1)
                .map(row -> row.split("\t", -1))
                .filter(row -> row.length > TEXT && !row[TEXT].isBlank() && !row[CONFIDENCE].startsWith("-"))
                .forEach(row -> words.computeIfAbsent(
                                row[BLOCK] + "/" + row[PARAGRAPH] + "/" + row[LINE], key -> new ArrayList<>())
                        .add(row));
        return words.values().stream()
                .map(line -> line(line, width, height, page))
                .toList();
    }

    private static Line line(List<String[]> words, double width, double height, int page) {
        StringBuilder text = new StringBuilder();
        double left = width;
        double top = height;
        double right = 0;
        double bottom = 0;
        for (String[] word : words) {
            text.append(text.isEmpty() ? "" : " ").append(word[TEXT]);
            double x = Double.parseDouble(word[LEFT]);
            double y = Double.parseDouble(word[TOP]);
            left = Math.min(left, x);
            top = Math.min(top, y);
            right = Math.max(right, x + Double.parseDouble(word[WIDTH]));
            bottom = Math.max(bottom, y + Double.parseDouble(word[HEIGHT]));
        }
        return new Line(
                text.toString(),
                page,
                new ShownValue.Box(left / width, top / height, (right - left) / width, (bottom - top) / height));
    }
}
