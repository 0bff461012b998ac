package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import org.civitane.server.access.Role;
import org.civitane.server.platform.JsonColumn;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** No door tells by the time it takes whether somebody has an account. */
public class KnownOrNotTest extends SigningIn {
    /** Enough to see that one of both does less. */
    private static final int TRIES = 12;
    /** What differs in truth differs each time; what does once may be the machine's. */
    private static final int ROUNDS = 3;

    private int networks;

    /** A way to try an address. */
    private interface Door {
        void tryIt(String email) throws Exception;
    }

    @DataProvider
    Object[][] doors() {
        Door signIn =
                email -> assertThat(signIn(email, "not the password", network()).getStatus())
                        .isEqualTo(401);
        Door forgotten = email -> assertThat(sent(
                                "/api/password/forgotten",
                                JsonColumn.object().put("email", email).toString(),
                                network())
                        .getStatus())
                .isEqualTo(202);
        Door signUp = email -> assertThat(
                        sent("/api/account", wish(email, RIGHT), network()).getStatus())
                .isEqualTo(202);
        return new Object[][] {{"sign in", signIn}, {"forgotten", forgotten}, {"sign up", signUp}};
    }

    @Test(dataProvider = "doors")
    public void aKnownAddressTakesAsLongAsAnUnknownOne(String name, Door door) throws Exception {
        List<String> owners = new ArrayList<>();
        for (int i = 0; i < ROUNDS * TRIES; i++) {
            owners.add(person(Role.APPLICANT).email());
        }
        door.tryIt(UUID.randomUUID() + "@post.example");
        List<String> ratios = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            List<Long> known = new ArrayList<>();
            List<Long> unknown = new ArrayList<>();
            for (String owner : owners.subList(round * TRIES, (round + 1) * TRIES)) {
                known.add(nanosOf(door, owner));
                unknown.add(nanosOf(door, UUID.randomUUID() + "@post.example"));
            }
            double ratio = (double) median(known) / median(unknown);
            if (ratio > 0.4 && ratio < 2.5) {
                return;
            }
            ratios.add("known %d ns, unknown %d ns".formatted(median(known), median(unknown)));
        }
        assertThat(ratios).as("%s, each time", name).isEmpty();
    }

    /** Another one each time, since each network has only so many tries. */
    private String network() {
        networks++;
        return "198.18." + networks / 250 + "." + (1 + networks % 250);
    }

    private static long nanosOf(Door door, String email) throws Exception {
        long before = System.nanoTime();
        door.tryIt(email);
        return System.nanoTime() - before;
    }

    private static long median(List<Long> times) {
        Collections.sort(times);
        return times.get(times.size() / 2);
    }
}
