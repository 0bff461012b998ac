package org.civitane.server.papers;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.server.papers.looking.Looking;
import org.civitane.server.papers.reading.Line;
import org.civitane.server.papers.reading.Ocr;
import org.civitane.server.papers.reading.PageReader;
import org.civitane.server.papers.reading.Straight;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Problem;
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

    /**
     * What a paper says, as it is read. Only what lies in the paper itself makes it one that cannot be read.
     *
     * @param whose whose turns it takes
     * @param names of those whose it may be
     * @throws NotNow when it could not be read at this moment, which says nothing about the paper
     */
    Reading read(String digest, String whose, List<String> names) throws NotNow {
        try {
            PaperFile file = file(digest, whose);
            List<ShownValue> shown = new ArrayList<>();
            for (PageReader.Page page : pages(file)) {
                shown.addAll(PageReader.read(page, clock.today(), names));
            }
            return new Reading(shown.isEmpty() ? Reading.State.NOTHING : Reading.State.READ, shown);
        } catch (Ocr.Unreadable e) {
            return unreadable(e);
        } catch (Problem e) {
            if (e.mayGoWellLater()) {
                throw new NotNow(e);
            }
            return unreadable(e);
        } catch (IOException | UncheckedIOException e) {
            throw new NotNow(e);
        } catch (RuntimeException e) {
            return unreadable(e);
        }
    }

    /** That its file is not there now says nothing about what it holds. */
    private PaperFile file(String digest, String whose) throws NotNow {
        Path file;
        try {
            file = store.file(digest);
        } catch (Problem e) {
            throw new NotNow(e);
        }
        return new PaperFile(file, whose, looking);
    }

    private static Reading unreadable(Exception e) {
        LOG.info("A paper could not be read: {}", e.getClass().getSimpleName());
        return new Reading(Reading.State.FAILED, List.of());
    }

    /** It could not be read at this moment. */
    static final class NotNow extends Exception {
        private NotNow(Exception cause) {
            super(cause);
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
    Optional<String> code(String digest, String whose) throws NotNow {
        try {
            return file(digest, whose).code();
        } catch (UncheckedIOException e) {
            throw new NotNow(e);
        } catch (RuntimeException e) {
            if (e instanceof Problem problem && problem.mayGoWellLater()) {
                throw new NotNow(e);
            }
            LOG.info(
                    "A paper could not be looked through for a code: {}",
                    e.getClass().getSimpleName());
            return Optional.empty();
        }
    }
}
