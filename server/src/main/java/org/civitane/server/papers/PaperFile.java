package org.civitane.server.papers;

import java.awt.Dimension;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.apache.tika.Tika;
import org.civitane.server.papers.looking.Looking;
import org.civitane.server.papers.reading.Line;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;

/**
 * A file that is to be a paper: JPEG, PNG, TIFF or PDF by what it holds, whatever its name says. It is looked at only
 * as pictures of its pages, and only in a process of its own, so nothing in it ever runs here.
 */
final class PaperFile {
    static final int LARGEST = 25 * 1024 * 1024;
    private static final int MOST_PAGES = 60;
    private static final int WIDEST = 1_600;
    private static final Tika TIKA = new Tika();

    private final Path file;
    private final String mediaType;
    private final String whose;
    private final Looking looking;

    /**
     * @param whose the household, or the caseworker, whose turns its looks take
     * @throws Problem when the file is of no type that can be a paper
     */
    PaperFile(Path file, String whose, Looking looking) {
        this.file = file;
        this.whose = whose;
        this.looking = looking;
        this.mediaType = typeOf(file);
        switch (mediaType) {
            case "" -> throw refused("paper.empty");
            case "image/jpeg", "image/png", "image/tiff", "application/pdf" -> {}
            default -> throw refused("paper.type");
        }
    }

    String mediaType() {
        return mediaType;
    }

    boolean isPdf() {
        return mediaType.equals("application/pdf");
    }

    /** How many pages it has. @throws Problem when it is encrypted, damaged or costs too much to be looked at */
    int pages() {
        int pages = looking.pages(file, mediaType, WIDEST, whose);
        if (pages > MOST_PAGES) {
            throw refused("paper.pages", MOST_PAGES, pages);
        }
        return pages;
    }

    /** A page, from 1, as a person is shown it: of a JPEG as JPEG, else as PNG. @throws Problem when there is no such page */
    byte[] view(int page) {
        return looking.view(file, mediaType, page, WIDEST, whose);
    }

    /** A page, from 1, as PNG no wider and no higher than {@code widest} pixels. @throws Problem when there is none */
    byte[] picture(int page, int widest) {
        return looking.picture(file, mediaType, page, widest, whose);
    }

    /** How many pixels a picture is wide and high, upright. @throws Problem when it cannot be drawn */
    Dimension size() {
        return looking.size(file, mediaType, whose);
    }

    /** What the square code on its first page says; nothing where none is seen. */
    Optional<String> code() {
        return looking.code(file, mediaType, 1, WIDEST, whose);
    }

    /** The lines of text it holds; none where it is pictures. */
    List<Line> lines(int mostPages) {
        return isPdf() ? looking.lines(file, mediaType, mostPages, whose) : List.of();
    }

    /** A picture without place, time and whatever else was noted beside it; nothing for what is no picture. */
    Optional<byte[]> bare() {
        return isPdf() ? Optional.empty() : Optional.of(looking.bare(file, mediaType, whose));
    }

    private static String typeOf(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            return Files.size(file) == 0 ? "" : TIKA.detect(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    Problem refused(String sentence, Object... places) {
        return Problem.invalid("file", Phrase.of(sentence, places));
    }
}
