package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.contact.Messages;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.SkipException;
import org.testng.annotations.Test;

/** PostgreSQL is restarted at once while people work: what was acknowledged is there, once, and work goes on. */
@Test(groups = "alone")
public class RestartTest extends ServerTest {
    private static final int WRITERS = 4;

    @Autowired
    private Messages messages;

    @Test
    public void whatWasAcknowledgedBeforeTheRestartIsThereAndWorkGoesOn() throws Exception {
        String restart = System.getenv("CIVITANE_TEST_DATABASE_RESTART");
        if (restart == null) {
            throw new SkipException("The database of this run cannot be restarted from here.");
        }
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView claim = handIn(applicant, answers(applicant));
        Set<String> acknowledged = ConcurrentHashMap.newKeySet();
        AtomicInteger next = new AtomicInteger();
        AtomicInteger after = new AtomicInteger();
        AtomicBoolean restarted = new AtomicBoolean();
        AtomicBoolean enough = new AtomicBoolean();
        try (ExecutorService threads = Executors.newFixedThreadPool(WRITERS)) {
            for (int i = 0; i < WRITERS; i++) {
                threads.submit(() -> {
                    while (!enough.get()) {
                        String words = "message " + next.incrementAndGet();
                        boolean sinceRestart = restarted.get();
                        if (isWritten(claim, words, applicant)) {
                            acknowledged.add(words);
                            after.addAndGet(sinceRestart ? 1 : 0);
                        }
                    }
                });
            }
            await("people write", () -> acknowledged.size() > 10);
            assertThat(new ProcessBuilder(restart).start().waitFor()).isZero();
            restarted.set(true);
            await("people write again", () -> after.get() > 10);
            enough.set(true);
        }
        List<String> kept =
                messages.of(claim.id()).stream().map(Messages.Message::body).toList();
        assertThat(kept).doesNotHaveDuplicates().containsAll(acknowledged);
        SignedIn newcomer = person(Role.APPLICANT);
        ClaimView another = handIn(newcomer, answers(newcomer));
        assertThat(another.number())
                .as("jobs run again: registers have answered")
                .isNotBlank();
    }

    private boolean isWritten(ClaimView claim, String words, SignedIn applicant) {
        try {
            messages.write(claim, words, applicant);
            return true;
        } catch (RuntimeException e) {
            return false;
        }
    }
}
