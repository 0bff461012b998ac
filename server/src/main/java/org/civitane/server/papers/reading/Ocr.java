package org.civitane.server.papers.reading;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.civitane.server.papers.ShownValue;

/** The lines of text in a picture, through the Tesseract program; none where it is not installed. */
public final class Ocr {
    private static final int SECONDS = 30;
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

    /** All lines of a page as text. */
    public static List<Line> lines(BufferedImage image, int page) throws IOException {
        return read(image, page, List.of());
    }

    /** All lines of a page, read as if they held only what a machine-readable zone may hold. */
    public static List<Line> zoneLines(BufferedImage image, int page) throws IOException {
        return read(image, page, List.of("-c", "tessedit_char_whitelist=" + ZONE_LETTERS));
    }

    private static List<Line> read(BufferedImage image, int page, List<String> more) throws IOException {
        Path picture = Files.createTempFile("civitane-page", ".png");
        try {
            try (OutputStream out = Files.newOutputStream(picture)) {
                ImageIO.write(image, "png", out);
            }
            List<String> command = new ArrayList<>(List.of("tesseract", picture.toString(), "stdout", "--psm", "6"));
            command.addAll(more);
            command.add("tsv");
            return parse(run(command), image.getWidth(), image.getHeight(), page);
        } finally {
            Files.deleteIfExists(picture);
        }
    }

    private static String run(List<String> command) throws IOException {
        ProcessBuilder tesseract = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD);
        tesseract.environment().put("OMP_THREAD_LIMIT", "1");
        Process process = tesseract.start();
        try {
            process.getOutputStream().close();
            String table = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            if (!process.waitFor(SECONDS, TimeUnit.SECONDS) || process.exitValue() != 0) {
                throw new IOException("tesseract did not read the page");
            }
            return table;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("interrupted", e);
        } finally {
            process.destroyForcibly();
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
