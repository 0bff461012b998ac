package org.civitane.server.papers;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.civitane.server.papers.looking.Looking;
import org.civitane.server.papers.reading.Ocr;
import org.civitane.server.papers.reading.PageReader;
import org.civitane.server.papers.reading.Straight;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Component;

/** Reads the lines at the foot of a photographed passport's page, for whoever would have to type them; keeps nothing. */
@Component
public class PassportPages {
    /** More than a photo of a page has. */
    public static final int MOST_BYTES = 12 * 1024 * 1024;

    private static final int SHARPEST = 2_400;
    private static final Duration ANOTHER_MOMENT = Duration.ofSeconds(10);

    private final Looking looking;
    private final AgencyClock clock;

    PassportPages(Looking looking, AgencyClock clock) {
        this.looking = looking;
        this.clock = clock;
    }

    /**
     * The lines as they are read; nothing where no zone is seen.
     *
     * @param whose whose turn it takes
     * @throws Problem when the file is no picture, or cannot be looked at
     */
    public Optional<List<String>> zoneOn(byte[] picture, String whose) {
        try {
            Path file = Files.createTempFile("page", "");
            try {
                Files.write(file, picture);
                Straight page = Straight.of(new PaperFile(file, whose, looking).picture(1, SHARPEST));
                return PageReader.read(PageReader.Page.of(page, 1), clock.today(), List.of()).stream()
                        .filter(value -> value.field().equals("mrz"))
                        .findFirst()
                        .map(value -> value.value().lines().toList());
            } finally {
                Files.delete(file);
            }
        } catch (Ocr.Unreadable e) {
            return Optional.empty();
        } catch (IOException e) {
            throw Problem.notNow(Phrase.of("paper.not-now"), ANOTHER_MOMENT);
        }
    }
}
