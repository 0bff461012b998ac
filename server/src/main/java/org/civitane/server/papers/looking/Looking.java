package org.civitane.server.papers.looking;

import java.awt.Dimension;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import org.civitane.server.papers.looking.Look.Task;
import org.civitane.server.papers.reading.Line;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/**
 * Looks at files that are not trusted, each in turn, in a process that can be ended. The processes are kept for the next
 * look; one that ended over a file is replaced by the next. All methods wait for their turn and throw a {@link Problem}
 * with one sentence when the file cannot be looked at within its bounds; one that {@link Problem#mayGoWellLater} where
 * that does not lie in the file.
 */
@Component
public class Looking implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(Looking.class);
    private static final Duration ANOTHER_MOMENT = Duration.ofSeconds(10);

    private final LookingBounds bounds;
    private final Turns turns;
    private final Deque<EyeProcess> resting = new ArrayDeque<>();
    private final ScheduledExecutorService endings = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("looking-ends").factory());

    Looking(LookingBounds bounds) {
        this.bounds = bounds;
        this.turns = new Turns(bounds.atOnce(), bounds.mostWaiting());
    }

    /** How many pages a file has; its first page can be shown. @param whose the household whose turn it takes */
    public int pages(Path file, String mediaType, int widest, String whose) {
        return ByteBuffer.wrap(look(new Look(Task.PAGES, file, mediaType, 1, widest), whose))
                .getInt();
    }

    /** A page, from 1, as PNG, no wider and no higher than {@code widest} pixels. */
    public byte[] picture(Path file, String mediaType, int page, int widest, String whose) {
        return look(new Look(Task.PICTURE, file, mediaType, page, widest), whose);
    }

    /** A page, from 1, as a person is shown it: a page of a JPEG as JPEG, any other as PNG. */
    public byte[] view(Path file, String mediaType, int page, int widest, String whose) {
        return look(new Look(Task.VIEW, file, mediaType, page, widest), whose);
    }

    /** How many pixels a picture is wide and high, upright; it can be drawn whole. */
    public Dimension size(Path file, String mediaType, String whose) {
        ByteBuffer size = ByteBuffer.wrap(look(new Look(Task.SIZE, file, mediaType, 1, Integer.MAX_VALUE), whose));
        return new Dimension(size.getInt(), size.getInt());
    }

    /** What the square code on a page, from 1, says; nothing where none is seen. */
    public Optional<String> code(Path file, String mediaType, int page, int widest, String whose) {
        String code =
                new String(look(new Look(Task.CODE, file, mediaType, page, widest), whose), StandardCharsets.UTF_8);
        return code.isEmpty() ? Optional.empty() : Optional.of(code);
    }

    /** The lines of text that the first pages hold; none where they are pictures. */
    public List<Line> lines(Path file, String mediaType, int mostPages, String whose) {
        try {
            return Lines.read(look(new Look(Task.LINES, file, mediaType, mostPages, 0), whose));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A picture file without what was noted beside the picture: place, time, camera, names. */
    public byte[] bare(Path file, String mediaType, String whose) {
        return look(new Look(Task.BARE, file, mediaType, 1, 0), whose);
    }

    private byte[] look(Look look, String whose) {
        CompletableFuture<Void> turn =
                turns.take(whose).orElseThrow(() -> Problem.tooMany(Phrase.of("paper.too-many-at-once")));
        turn.join();
        try {
            return inTime(look);
        } catch (CannotLook e) {
            LOG.info("A file could not be looked at: {}", e.fault());
            Phrase sentence = Phrase.of(e.fault().sentence());
            throw switch (e.fault()) {
                case NO_PAGE -> Problem.notFound(sentence);
                case ENDED -> Problem.notNow(sentence, ANOTHER_MOMENT);
                case DAMAGED, ENCRYPTED, TOO_LARGE, TOO_LONG -> Problem.invalid("file", sentence);
            };
        } finally {
            turns.done();
        }
    }

    private byte[] inTime(Look look) throws CannotLook {
        EyeProcess eye = eye();
        ScheduledFuture<?> end = endings.schedule(eye::close, bounds.time().toMillis(), TimeUnit.MILLISECONDS);
        try {
            return eye.look(look);
        } finally {
            if (end.cancel(false)) {
                rest(eye);
            } else {
                eye.close();
            }
        }
    }

    private EyeProcess eye() {
        synchronized (resting) {
            while (!resting.isEmpty()) {
                EyeProcess eye = resting.pop();
                if (eye.isAlive()) {
                    return eye;
                }
            }
        }
        try {
            return EyeProcess.start(bounds);
        } catch (IOException e) {
            throw new UncheckedIOException("A process that looks at files could not be started", e);
        }
    }

    private void rest(EyeProcess eye) {
        synchronized (resting) {
            if (eye.isAlive()) {
                resting.push(eye);
            }
        }
    }

    @Override
    public void destroy() {
        endings.shutdownNow();
        synchronized (resting) {
            resting.forEach(EyeProcess::close);
            resting.clear();
        }
    }
}
