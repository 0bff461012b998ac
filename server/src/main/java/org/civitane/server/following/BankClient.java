package org.civitane.server.following;

import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.client.RestClient;

/** The bank, and the post office for postal orders, over HTTP; gives up after the time-outs of the configuration. */
@Component
class BankClient {
    private final RestClient bank;
    private final RestClient postOffice;

    BankClient(
            RestClient.Builder builder,
            @Value("${civitane.bank}") String bank,
            @Value("${civitane.post-office}") String postOffice,
            @Value("${civitane.register-key}") String key) {
        builder.defaultHeader("X-Register-Key", key);
        this.bank = builder.clone().baseUrl(bank).build();
        this.postOffice = builder.clone().baseUrl(postOffice).build();
    }

    /** What the bank did. @param booked whether it placed the money @param cents how much of it */
    record Answer(boolean booked, long cents) {
        /** All of it is kept back, so that the bank has nothing to do. */
        static final Answer NOTHING_TO_PLACE = new Answer(true, 0);
    }

    /**
     * Tells the bank to pay; under a name that it knows, it tells what it did then and does nothing.
     *
     * @throws RuntimeException when it did not answer in time, failed, or answered nonsense
     */
    Answer transfer(Payment payment, Payee to) {
        long cents = payment.placed().cents();
        Map<String, Object> order = to.isByPost()
                ? Map.of("holder", to.holder(), "address", to.address(), "cents", cents)
                : Map.of("iban", to.iban(), "holder", to.holder(), "cents", cents);
        Transfer done = (to.isByPost() ? postOffice : bank)
                .put()
                .uri(to.isByPost() ? "/orders/{reference}" : "/transfers/{reference}", payment.reference())
                .contentType(MediaType.APPLICATION_JSON)
                .body(order)
                .retrieve()
                .body(Transfer.class);
        if (done == null || done.reference() == null || !done.reference().equals(payment.reference())) {
            throw new IllegalStateException("no booking of that name");
        }
        return new Answer("BOOKED".equals(done.state()), done.cents());
    }

    private record Transfer(
            @org.jspecify.annotations.Nullable String reference,
            @org.jspecify.annotations.Nullable String state,
            long cents) {}
}
