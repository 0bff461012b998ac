package org.civitane.server.papers;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.server.papers.looking.Looking;
import org.civitane.server.papers.reading.CostReader;
import org.civitane.server.papers.reading.Found;
import org.civitane.server.papers.reading.Line;
import org.civitane.server.papers.reading.Ocr;
import org.civitane.server.papers.reading.SlipReader;
import org.civitane.server.papers.reading.ZoneReader;
import org.civitane.server.platform.AgencyClock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Reads papers: the text they hold or show, what is found in it, and their square code. */
@Component
class PaperReader {
    private static final Logger LOG = LoggerFactory.getLogger(PaperReader.class);
    private static final int MOST_PAGES = 12;
    private static final int SHARPEST = 2_400;

    private final PaperStore store;
    private final Looking looking;
    private final AgencyClock clock;

    PaperReader(PaperStore store, Looking looking, AgencyClock clock) {
        this.store = store;
        this.looking = looking;
        this.clock = clock;
    }

    /** What a paper says, as it is read. @param whose whose turns it takes */
    Reading read(String digest, String whose) {
        try {
            PaperFile file = new PaperFile(store.file(digest), whose, looking);
            List<ShownValue> shown = pages(file).stream()
                    .flatMap(page -> found(page, file).stream())
                    .map(PaperReader::asRead)
                    .toList();
            return new Reading(shown.isEmpty() ? Reading.State.NOTHING : Reading.State.READ, shown);
        } catch (IOException | RuntimeException e) {
            LOG.info("A paper could not be read: {}", e.getClass().getSimpleName());
            return new Reading(Reading.State.FAILED, List.of());
        }
    }

    /** The lines of each page; a page without text is looked at as a picture. */
    private static List<List<Line>> pages(PaperFile file) throws IOException {
        int count = Math.min(file.pages(), MOST_PAGES);
        List<Line> written = file.lines(count);
        List<List<Line>> pages = new ArrayList<>();
        for (int page = 1; page <= count; page++) {
            int at = page;
            List<Line> own = written.stream().filter(line -> line.page() == at).toList();
            pages.add(own.isEmpty() ? Ocr.lines(file.picture(page, SHARPEST), page) : own);
        }
        return pages;
    }

    private List<Found> found(List<Line> lines, PaperFile file) {
        List<Found> slip = SlipReader.read(lines);
        if (!slip.isEmpty()) {
            return slip;
        }
        List<Found> zone = ZoneReader.read(lines, clock.today());
        boolean mayHaveOne = zone.isEmpty()
                && !lines.isEmpty()
                && lines.stream()
                        .anyMatch(
                                line -> line.text().contains("<") || line.text().contains("«"));
        if (!mayHaveOne) {
            return zone.isEmpty() ? CostReader.read(lines) : zone;
        }
        int page = lines.getFirst().page();
        try {
            return ZoneReader.read(Ocr.zoneLines(file.picture(page, SHARPEST), page), clock.today());
        } catch (IOException e) {
            return List.of();
        }
    }

    private static ShownValue asRead(Found found) {
        Line line = found.line();
        return new ShownValue(
                found.field(), line.page(), found.value(), found.value(), line.place(), ShownValue.State.READ, "");
    }

    /** What the square code on its first page says; nothing where none is seen. @param whose whose turns it takes */
    Optional<String> code(String digest, String whose) {
        try {
            return new PaperFile(store.file(digest), whose, looking).code();
        } catch (RuntimeException e) {
            LOG.info(
                    "A paper could not be looked through for a code: {}",
                    e.getClass().getSimpleName());
            return Optional.empty();
        }
    }
}
