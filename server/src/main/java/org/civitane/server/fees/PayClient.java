package org.civitane.server.fees;

import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.client.RestClient;

/** The payment service over HTTP; gives up after the time-outs of the configuration. */
@Component
class PayClient {
    /** As ISO 4217 names it; all amounts are in it. */
    static final String CURRENCY = "EUR";

    private final RestClient http;

    PayClient(
            RestClient.Builder builder,
            @Value("${civitane.pay}") String address,
            @Value("${civitane.register-key}") String key) {
        this.http =
                builder.baseUrl(address).defaultHeader("X-Register-Key", key).build();
    }

    /** What the service says of a checkout. @param open whether it can still be paid */
    record Standing(boolean open, boolean paid, long cents) {}

    /**
     * Makes a page on which a checkout can be paid; under a name that it knows, it is the same page.
     *
     * @return its address, for the browser
     * @throws RuntimeException when it did not answer in time, failed, or answered nonsense
     */
    String begin(String checkout, long cents, String returnTo, String noticeTo) {
        Page page = http.put()
                .uri("/checkouts/{id}", checkout)
                .contentType(MediaType.APPLICATION_JSON)
                .body(Map.of("cents", cents, "currency", CURRENCY, "returnTo", returnTo, "noticeTo", noticeTo))
                .retrieve()
                .body(Page.class);
        return Optional.ofNullable(page)
                .map(Page::page)
                .orElseThrow(() -> new IllegalStateException("no page of that name"));
    }

    /** How a checkout stands. @throws RuntimeException as {@link #begin} */
    Standing standing(String checkout) {
        State state = http.get().uri("/checkouts/{id}", checkout).retrieve().body(State.class);
        if (state == null || state.state() == null) {
            throw new IllegalStateException("no checkout of that name");
        }
        if (state.currency() != null && !state.currency().equals(CURRENCY)) {
            throw new IllegalStateException("money in another currency");
        }
        return new Standing(state.state().equals("OPEN"), state.state().equals("PAID"), state.cents());
    }

    /** What was paid on a checkout goes back; said again, nothing changes. @throws RuntimeException as {@link #begin} */
    void giveBack(String checkout) {
        http.put().uri("/checkouts/{id}/give-back", checkout).retrieve().toBodilessEntity();
    }

    private record Page(@Nullable String page) {}

    private record State(
            @Nullable String state, long cents, @Nullable String currency) {}
}
