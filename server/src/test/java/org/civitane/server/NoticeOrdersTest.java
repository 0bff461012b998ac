package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.civitane.server.claims.ClaimView;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** In whatever order and however often the payment service says what: money that came is booked once or goes back. */
public class NoticeOrdersTest extends CertificateStories {
    private static final int WALKS = 8;
    private static final int STEPS = 6;
    private static final int RIGHT = 4800;

    private final Set<String> withMoney = new TreeSet<>();

    @DataProvider
    Object[][] walks() {
        return IntStream.range(0, WALKS).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "walks")
    public void whatCameIsBookedOnceOrGoesBack(int seed) throws Exception {
        Random random = new Random(seed);
        ClaimView claim = granted();
        withMoney.clear();
        List<String> checkouts = new ArrayList<>();
        List<String> walked = new ArrayList<>();
        for (int step = 0; step < STEPS; step++) {
            if (checkouts.isEmpty() || random.nextInt(3) == 0) {
                begin(claim, checkouts);
            }
            String checkout = checkouts.get(random.nextInt(checkouts.size()));
            walked.add(notice(checkout, random) + " of " + checkouts.indexOf(checkout));
            assertHolds(claim, walked);
        }
    }

    /** The page of the newest checkout; while the fee is not owed any more there is no new one. */
    private void begin(ClaimView claim, List<String> checkouts) throws Exception {
        if (fee(claim).path("state").asString().equals("OPEN")) {
            String page = payPage(claim);
            String checkout = page.substring(page.lastIndexOf('/') + 1);
            if (!checkouts.contains(checkout)) {
                checkouts.add(checkout);
            }
        }
    }

    private String notice(String checkout, Random random) throws Exception {
        boolean refused = random.nextInt(3) == 0;
        int cents = refused ? 0 : random.nextBoolean() ? RIGHT : RIGHT - 1;
        if (cents > 0) {
            withMoney.add(checkout);
        }
        String state = refused ? "REFUSED" : "PAID";
        byte[] notice = "{\"checkout\":\"%s\",\"state\":\"%s\",\"cents\":%d}"
                .formatted(checkout, state, cents)
                .getBytes(StandardCharsets.UTF_8);
        assertThat(anyone(post("/api/pay-notices").content(notice).header("X-Pay-Signature", signed(notice)))
                        .getStatus())
                .isEqualTo(204);
        return state + " " + cents;
    }

    private void assertHolds(ClaimView claim, List<String> walked) throws Exception {
        Map<String, String> states = new TreeMap<>();
        database.sql("select id, state from checkout where claim_id = ?")
                .param(claim.id())
                .query(row -> {
                    states.put(row.getString(1), row.getString(2));
                });
        long paid = states.values().stream().filter("PAID"::equals).count();
        assertThat(paid)
                .as("%s: paid once, where it is paid", walked)
                .isEqualTo(fee(claim).path("state").asString().equals("PAID") ? 1 : 0);
        withMoney.forEach(checkout -> assertThat(states.get(checkout))
                .as("%s: what came is booked or goes back", walked)
                .isIn("PAID", "QUESTIONED", "GIVEN_BACK"));
    }
}
