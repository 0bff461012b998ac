package org.civitane.server.papers;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.server.papers.looking.Looking;
import org.civitane.server.papers.reading.Line;
import org.civitane.server.papers.reading.PageReader;
import org.civitane.server.papers.reading.Straight;
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
                    .flatMap(page -> PageReader.read(page, clock.today()).stream())
                    .toList();
            return new Reading(shown.isEmpty() ? Reading.State.NOTHING : Reading.State.READ, shown);
        } catch (IOException | RuntimeException e) {
            LOG.info("A paper could not be read: {}", e.getClass().getSimpleName());
            return new Reading(Reading.State.FAILED, List.of());
        }
    }

    /** Each page; one without text is looked at as a picture. */
    private static List<PageReader.Page> pages(PaperFile file) throws IOException {
        int count = Math.min(file.pages(), MOST_PAGES);
        List<Line> written = file.lines(count);
        List<PageReader.Page> pages = new ArrayList<>();
        for (int page = 1; page <= count; page++) {
            int at = page;
            List<Line> own = written.stream().filter(line -> line.page() == at).toList();
            if (own.isEmpty()) {
                Straight picture = Straight.of(file.picture(page, SHARPEST));
                pages.add(PageReader.Page.of(picture, page));
            } else {
                pages.add(new PageReader.Page(own, Optional.empty()));
            }
        }
        return pages;
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
