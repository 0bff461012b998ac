package org.civitane.server.standins;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.sql.Timestamp;
import java.time.Duration;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.civitane.core.amount.Money;
import org.civitane.core.reasoning.Wording;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Profile;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.client.RestClient;
import org.springframework.web.client.RestClientException;
import org.springframework.web.util.HtmlUtils;

/**
 * The simulated payment service, with a page of its own on which a fee is paid, refused, paid without a word, told twice
 * or paid with another amount. No money moves.
 */
@RestController
@Profile(Simulated.PROFILE)
@Tag(name = "Outside services, simulated")
class PayService {
    private static final Duration LATE = Duration.ofSeconds(30);
    private static final String SIGNED = "HmacSHA256";

    private final JdbcClient database;
    private final AgencyClock clock;
    private final RestClient http;
    private final byte[] key;
    private final String here;

    PayService(
            JdbcClient database,
            AgencyClock clock,
            RestClient.Builder builder,
            @Value("${civitane.register-key}") String key,
            @Value("${civitane.standins-port}") int port) {
        this.database = database;
        this.clock = clock;
        this.http = builder.build();
        this.key = key.getBytes(StandardCharsets.UTF_8);
        this.here = "http://127.0.0.1:" + port + "/standins/pay-page/";
    }

    record CheckoutOrder(long cents, String returnTo, String noticeTo) {}

    record CheckoutPage(String page) {}

    /** @param cents what was taken; 0 while nothing was */
    record CheckoutStanding(String state, long cents) {}

    private record Kept(String id, long cents, Optional<Long> paid, String state, String returnTo, String noticeTo) {}

    @Operation(summary = "Makes a page on which to pay; the same name again is the same page.")
    @PutMapping("/standins/pay/checkouts/{id}")
    CheckoutPage begin(@PathVariable String id, @RequestBody CheckoutOrder order) {
        database.sql("""
                        insert into standin_checkout (id, cents, state, return_to, notice_to, at)
                        values (?, ?, 'OPEN', ?, ?, ?) on conflict (id) do nothing""")
                .params(id, order.cents(), order.returnTo(), order.noticeTo(), Timestamp.from(clock.instant()))
                .update();
        return new CheckoutPage(here + id);
    }

    @Operation(summary = "How a checkout stands: OPEN, PAID or REFUSED.")
    @GetMapping("/standins/pay/checkouts/{id}")
    ResponseEntity<CheckoutStanding> standing(@PathVariable String id) {
        return find(id).map(kept -> ResponseEntity.ok(
                        new CheckoutStanding(kept.state(), kept.paid().orElse(0L))))
                .orElse(ResponseEntity.notFound().build());
    }

    @Operation(summary = "What was paid goes back; told again, nothing changes.")
    @PutMapping("/standins/pay/checkouts/{id}/give-back")
    ResponseEntity<Void> giveBack(@PathVariable String id) {
        database.sql("update standin_checkout set state = 'GIVEN_BACK' where id = ? and state = 'PAID'")
                .param(id)
                .update();
        return find(id).filter(kept -> kept.state().equals("GIVEN_BACK")).isPresent()
                ? ResponseEntity.noContent().build()
                : ResponseEntity.notFound().build();
    }

    @Operation(summary = "The page itself, for a browser.")
    @GetMapping(value = "/standins/pay-page/{id}", produces = MediaType.TEXT_HTML_VALUE)
    ResponseEntity<String> page(@PathVariable String id) {
        return find(id).map(kept -> ResponseEntity.ok(html(kept)))
                .orElse(ResponseEntity.notFound().build());
    }

    /** @param how {@code pay}, {@code refuse}, {@code silent}, {@code twice}, {@code late} or {@code less} */
    @Operation(summary = "What its user did on the page.")
    @PostMapping(value = "/standins/pay-page/{id}", produces = MediaType.TEXT_HTML_VALUE)
    ResponseEntity<String> did(@PathVariable String id, @RequestParam String how) {
        Kept kept = find(id).orElseThrow();
        boolean paid = !how.equals("refuse");
        long cents = paid ? how.equals("less") ? kept.cents() - 1 : kept.cents() : 0;
        database.sql("update standin_checkout set state = ?, paid = ? where id = ? and state = 'OPEN'")
                .params(paid ? "PAID" : "REFUSED", cents, id)
                .update();
        if (how.equals("late")) {
            CompletableFuture.delayedExecutor(LATE.toSeconds(), TimeUnit.SECONDS)
                    .execute(() -> tell(id));
        } else if (!how.equals("silent")) {
            tell(id);
        }
        if (how.equals("twice")) {
            tell(id);
        }
        return ResponseEntity.ok(back(kept.returnTo()));
    }

    /** Whoever is told and does not answer asks by themselves. */
    private void tell(String id) {
        Kept kept = find(id).orElseThrow();
        byte[] body = JsonColumn.bytes(JsonColumn.object()
                .put("checkout", id)
                .put("state", kept.state())
                .put("cents", kept.paid().orElse(0L))
                .put("currency", "EUR"));
        try {
            http.post()
                    .uri(kept.noticeTo())
                    .contentType(MediaType.APPLICATION_JSON)
                    .header("X-Pay-Signature", signature(body))
                    .body(body)
                    .retrieve()
                    .toBodilessEntity();
        } catch (RestClientException e) {
            // the other side asks when it wants to know
        }
    }

    private String signature(byte[] body) {
        try {
            Mac mac = Mac.getInstance(SIGNED);
            mac.init(new SecretKeySpec(key, SIGNED));
            return HexFormat.of().formatHex(mac.doFinal(body));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("Impossible state: every JDK has " + SIGNED + ".", e);
        }
    }

    private Optional<Kept> find(String id) {
        return database.sql("select * from standin_checkout where id = ?")
                .param(id)
                .query((row, number) -> new Kept(
                        row.getString("id"),
                        row.getLong("cents"),
                        Optional.ofNullable((Long) row.getObject("paid")),
                        row.getString("state"),
                        row.getString("return_to"),
                        row.getString("notice_to")))
                .optional();
    }

    /** Leads back by itself: a form may not be led to another server. */
    private static String back(String address) {
        String escaped = HtmlUtils.htmlEscape(address, "UTF-8");
        return """
                <!doctype html>
                <html lang="en"><head><meta charset="utf-8"><title>Back</title>
                <meta http-equiv="refresh" content="0;url=%s"></head>
                <body><p><a href="%s">Back to Halvern Household Services</a></p></body></html>
                """.formatted(escaped, escaped);
    }

    private static String html(Kept kept) {
        String amount = HtmlUtils.htmlEscape(Wording.shown(Money.ofCents(kept.cents()), Locale.ENGLISH), "UTF-8");
        return """
                <!doctype html>
                <html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width">
                <title>Pay %s</title></head>
                <body><main><h1>Pay %s to Halvern Household Services</h1>
                <p>This page stands in for a bank's. No money moves.</p>
                <form method="post">
                <p><button name="how" value="pay">Pay</button></p>
                <p><button name="how" value="refuse">Refuse</button></p>
                <p><button name="how" value="silent">Pay, but tell nobody</button></p>
                <p><button name="how" value="late">Pay, and tell it half a minute later</button></p>
                <p><button name="how" value="twice">Pay, and tell it twice</button></p>
                <p><button name="how" value="less">Pay a cent less</button></p>
                </form></main></body></html>
                """.formatted(amount, amount);
    }
}
