package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/**
 * Servers are killed one after the other while people of every programme are at work, each when some number of them has
 * been told that it is done: what was acknowledged stands, nothing is done twice, and nothing hangs. {@code ./civitane bench kills 100} kills a hundred.
 */
@Test(groups = "alone")
public class KillsTest extends WorkAtAServer {
    private static final int KILLS = Integer.getInteger("civitane.kills", 2);
    private static final int LONGEST_MILLIS = 60;
    private static final Duration AT_WORK = Duration.ofSeconds(10);
    private static final Duration AT_REST = Duration.ofSeconds(90);

    private final List<String> told = new ArrayList<>();

    @AfterMethod(alwaysRun = true)
    void goOn() {
        jobs.resume();
    }

    @Test
    public void whateverWasAcknowledgedStandsOnceAndNothingHangs() throws Exception {
        Random random = new Random(KILLS);
        int acknowledged = 0;
        OtherServer next = another();
        try {
            for (int kill = 1; kill <= KILLS; kill++) {
                OtherServer server = next;
                String when = "kill " + kill;
                List<Deed> deeds = deeds();
                Moment moment = new Moment(random.nextInt(deeds.size()), random.nextInt(LONGEST_MILLIS));
                Map<Deed, Boolean> done = killedWhileAtWork(server, deeds, moment);
                if (kill < KILLS) {
                    next = another();
                }
                acknowledged += looked(deeds, done, when);
            }
        } finally {
            next.close();
        }
        System.out.printf("kills: %d, acknowledged: %d, wrong afterwards: %s%n", KILLS, acknowledged, told);
        assertThat(told).isEmpty();
    }

    /** When a server is killed. @param acknowledged how many were told @param millis and how long after that */
    private record Moment(int acknowledged, int millis) {
        void await(Map<Deed, Boolean> done) throws InterruptedException {
            long until = System.nanoTime() + AT_WORK.toNanos();
            while (KillsTest.acknowledged(done) < acknowledged && System.nanoTime() < until) {
                Thread.sleep(1);
            }
            Thread.sleep(millis);
        }
    }

    private static int acknowledged(Map<Deed, Boolean> done) {
        return (int) done.values().stream().filter(each -> each).count();
    }

    private static OtherServer another() throws IOException {
        return OtherServer.start(Ports.free(), STORE, STANDINS_PORT);
    }

    /** @return for each deed that came to its end whether it was acknowledged */
    private Map<Deed, Boolean> killedWhileAtWork(OtherServer server, List<Deed> deeds, Moment moment) throws Exception {
        Map<Deed, Boolean> done = new ConcurrentHashMap<>();
        try (server;
                ExecutorService people = Executors.newCachedThreadPool()) {
            await("the other server answers", server::answers);
            jobs.pause();
            CountDownLatch signedIn = new CountDownLatch(deeds.size());
            CountDownLatch begin = new CountDownLatch(1);
            for (Deed deed : deeds) {
                people.submit(() -> {
                    Visitor visitor = new Visitor(server.port(), deed.who().email());
                    signedIn.countDown();
                    begin.await();
                    done.put(deed, deed.act().test(visitor));
                    return null;
                });
            }
            assertThat(signedIn.await(1, TimeUnit.MINUTES)).isTrue();
            begin.countDown();
            moment.await(done);
            server.close();
        }
        jobs.resume();
        return done;
    }

    /** @return how many deeds were acknowledged before the server was killed */
    private int looked(List<Deed> deeds, Map<Deed, Boolean> done, String when) {
        long killed = System.nanoTime();
        int before = told.size();
        await(when + ": nothing is left to do", AT_REST, this::nothingIsDue);
        for (Deed deed : deeds) {
            check(deed, done.getOrDefault(deed, false), when);
        }
        asks.astray().forEach(ask -> told.add(when + ": nothing would end " + ask));
        int acknowledged = acknowledged(done);
        System.out.printf(
                "%s: %d of %d acknowledged, looked at after %d s, wrong: %s%n",
                when,
                acknowledged,
                deeds.size(),
                Duration.ofNanos(System.nanoTime() - killed).toSeconds(),
                told.subList(before, told.size()));
        return acknowledged;
    }

    private void check(Deed deed, boolean acknowledged, String when) {
        try {
            deed.check().accept(acknowledged);
        } catch (AssertionError | RuntimeException e) {
            told.add("%s: %s, %s: %s"
                    .formatted(
                            when,
                            deed.what(),
                            acknowledged ? "acknowledged" : "not acknowledged",
                            e.toString().replaceAll("\\s+", " ")));
        }
    }
}
