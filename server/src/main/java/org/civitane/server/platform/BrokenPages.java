package org.civitane.server.platform;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.time.Duration;
import java.time.Instant;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Pages that broke in somebody's browser, told to the log: which, and in which of its parts, and nothing that was typed. */
@RestController
class BrokenPages {
    private static final Logger LOG = LoggerFactory.getLogger(BrokenPages.class);
    private static final Duration WHILE = Duration.ofMinutes(1);
    private static final int MOST = 30;

    private final AgencyClock clock;
    private Instant since = Instant.EPOCH;
    private int told;

    BrokenPages(AgencyClock clock) {
        this.clock = clock;
    }

    /**
     * A page that broke.
     *
     * @param page its address, with {@code *} in place of whatever names a claim or a person
     * @param error the kind of error
     * @param within the parts of the page in which it broke, the innermost first
     */
    record BrokenPage(
            @NotNull @Pattern(regexp = "[a-z/*-]{0,120}") String page,
            @NotNull @Pattern(regexp = "[A-Za-z]{0,40}") String error,

            @NotNull @Pattern(regexp = "[A-Za-z0-9 ]{0,300}") String within) {}

    /** Anybody may tell it, so that only so much of it is written down. */
    @PostMapping("/api/broken")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void broke(@RequestBody @Valid BrokenPage broken) {
        if (isTold()) {
            LOG.warn("A page broke in a browser: {} {} in {}", broken.page(), broken.error(), broken.within());
        }
    }

    private synchronized boolean isTold() {
        Instant now = clock.now();
        if (now.isAfter(since.plus(WHILE))) {
            since = now;
            told = 0;
        }
        told++;
        return told <= MOST;
    }
}
