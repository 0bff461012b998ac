package org.civitane.server.identity;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import me.desair.tus.server.TusFileUploadService;
import me.desair.tus.server.exception.TusException;
import me.desair.tus.server.upload.UploadInfo;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Claims;
import org.civitane.server.papers.Papers;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;

/**
 * Pictures that come piece by piece and go on where they were when the network was lost, by the open protocol tus. What
 * has come whole is taken in as a document; what never does is dropped after a day.
 */
@Component
class IdentityUploads {
    private static final Logger LOG = LoggerFactory.getLogger(IdentityUploads.class);
    private static final String ANY_UPLOAD = "/api/my/claims/[0-9a-fA-F-]{36}/identity/uploads";
    private static final String PIECES = "by-piece";
    private static final Duration DROPPED_AFTER = Duration.ofDays(1);

    /** So many pictures an hour nobody takes; more are pieces that fill the store. */
    private static final int MOST_AN_HOUR = 60;

    private final LoadingCache<String, AtomicInteger> begun = Caffeine.newBuilder()
            .expireAfterWrite(Duration.ofHours(1))
            .maximumSize(100_000)
            .build(owner -> new AtomicInteger());
    private final IdentityAnswers answers;
    private final Claims claims;
    private final Path store;
    private final long reserve;
    private final TusFileUploadService tus;

    IdentityUploads(
            IdentityAnswers answers,
            Claims claims,
            @Value("${civitane.store}") String store,
            @Value("${civitane.store-reserve}") DataSize reserve) {
        this.store = Path.of(store);
        this.reserve = reserve.toBytes();
        this.answers = answers;
        this.claims = claims;
        this.tus = new TusFileUploadService()
                .withUploadUri(ANY_UPLOAD)
                .withStoragePath(this.store.resolve(PIECES).toString())
                .withMaxUploadSize(Papers.LARGEST)
                .withUploadExpirationPeriod(DROPPED_AFTER.toMillis())
                .disableTusExtension("concatenation")
                .disableTusExtension("download");
    }

    /**
     * One call of the protocol. With the last piece the document is taken in, also where the one that brought that piece
     * was never answered.
     *
     * @throws Problem when it cannot be a document; then nothing of it is kept
     */
    void call(SignedIn person, UUID claim, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        String owner = claims.claimOf(person, claim).id() + "/" + person.account();
        try {
            answers.begun(person, claim);
            boolean begins = request.getMethod().equals("POST");
            if (begins) {
                checkType(request);
                checkRoom(owner);
            }
            tus.process(request, response, owner);
            if (!begins) {
                takeIfWhole(person, claim, request.getRequestURI(), owner);
            }
        } catch (TusException e) {
            LOG.info("An upload was refused: {}", e.getClass().getSimpleName());
            throw Problem.conflict("upload", Phrase.of("identity.upload"));
        }
    }

    /** Where nothing has come since the start yet, the library has made no folders and would fail to look into them. */
    void dropOld() throws IOException {
        for (String part : List.of("uploads", "locks")) {
            Files.createDirectories(store.resolve(PIECES).resolve(part));
        }
        tus.cleanup();
    }

    /** Drops what never came whole. */
    @Configuration(proxyBeanMethods = false)
    static class Dropping {
        private static final Duration EVERY = Duration.ofHours(1);

        @Bean
        RecurringTask<Void> dropUploads(ObjectProvider<IdentityUploads> uploads) {
            return Tasks.recurring("drop-uploads", FixedDelay.of(EVERY)).execute((instance, context) -> {
                try {
                    uploads.getObject().dropOld();
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            });
        }
    }

    private void checkRoom(String owner) {
        if (begun.get(owner).incrementAndGet() > MOST_AN_HOUR) {
            throw Problem.tooMany(Phrase.of("paper.too-many-at-once"));
        }
        if (store.toFile().getUsableSpace() < reserve) {
            throw Problem.noRoom(Phrase.of("paper.no-room"));
        }
    }

    private static void checkType(HttpServletRequest request) {
        UploadInfo said = new UploadInfo();
        said.setEncodedMetadata(request.getHeader("Upload-Metadata"));
        IdentityAnswers.kindOf(said.getMetadata().getOrDefault("documentType", ""));
    }

    private void takeIfWhole(SignedIn person, UUID claim, String address, String owner)
            throws IOException, TusException {
        UploadInfo info = tus.getUploadInfo(address, owner);
        if (info == null || info.isUploadInProgress()) {
            return;
        }
        Map<String, String> said = info.getMetadata();
        try (InputStream contents = tus.getUploadedBytes(address, owner)) {
            answers.add(
                    person,
                    claim,
                    said.getOrDefault("documentType", ""),
                    backOf(said.getOrDefault("backOf", "")),
                    said.getOrDefault("filename", ""),
                    contents);
        } finally {
            tus.deleteUpload(address, owner);
        }
    }

    private static Optional<UUID> backOf(String said) {
        try {
            return said.isEmpty() ? Optional.empty() : Optional.of(UUID.fromString(said));
        } catch (IllegalArgumentException e) {
            throw Problem.invalid("backOf", Phrase.of("paper.none"));
        }
    }
}
