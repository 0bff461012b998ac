package org.civitane.server.fees;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.UUID;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * Paying a fee online. What the browser says when it comes back proves nothing: only a notice that the payment service
 * signed, or its answer to our own question, is booked.
 */
@Service
class Paying {
    private static final Logger LOG = LoggerFactory.getLogger(Paying.class);
    private static final String SIGNED = "HmacSHA256";

    private final Charges charges;
    private final ChargeStore store;
    private final PayClient service;
    private final String address;
    private final byte[] key;

    Paying(
            Charges charges,
            ChargeStore store,
            PayClient service,
            @Value("${civitane.address}") String address,
            @Value("${civitane.register-key}") String key) {
        this.charges = charges;
        this.store = store;
        this.service = service;
        this.address = address;
        this.key = key.getBytes(StandardCharsets.UTF_8);
    }

    /** Sets out to pay, unless it turns out to be paid already. @return the page on which it is paid */
    String begin(ClaimView claim) {
        ask(claim.id());
        String checkout = charges.checkout(claim.id());
        Charge charge = charges.of(claim.id()).orElseThrow();
        try {
            return service.begin(
                    checkout,
                    charge.amount().cents(),
                    address + "/my/" + claim.id() + "/fee",
                    address + "/api/pay-notices");
        } catch (RuntimeException e) {
            LOG.info("The payment service did not answer: {}", e.getClass().getSimpleName());
            throw Problem.conflict("pay-silent", Phrase.of("fee.silent"));
        }
    }

    /** Asks the service about everything of a claim of which nothing was heard; a silent service changes nothing. */
    void ask(UUID claim) {
        for (ChargeStore.Checkout begun : store.begun(claim)) {
            try {
                PayClient.Standing standing = service.standing(begun.id());
                if (!standing.open()) {
                    charges.heard(begun.id(), standing.paid(), standing.cents());
                }
            } catch (RuntimeException e) {
                LOG.info("The payment service did not answer: {}", e.getClass().getSimpleName());
            }
        }
    }

    /**
     * A notice of the service.
     *
     * @param signature over the whole body, in hexadecimal
     * @return whether the service signed it
     * @throws Problem when it is no notice, or one of money that is not ours to count
     */
    boolean notice(byte[] body, String signature) {
        if (!MessageDigest.isEqual(sign(body, key).getBytes(StandardCharsets.US_ASCII), ascii(signature))) {
            return false;
        }
        JsonNode said = read(body);
        String currency = said.path("currency").asString(PayClient.CURRENCY);
        if (!currency.equals(PayClient.CURRENCY)) {
            LOG.warn("The payment service tells of money in another currency; nothing of it is booked");
            throw Problem.invalid("currency", Phrase.of("fee.currency"));
        }
        charges.heard(
                said.path("checkout").asString(""),
                said.path("state").asString("").equals("PAID"),
                said.path("cents").asLong(0));
        return true;
    }

    private static JsonNode read(byte[] body) {
        try {
            return JsonColumn.read(new String(body, StandardCharsets.UTF_8));
        } catch (JacksonException e) {
            throw Problem.unreadable(Phrase.of("problem.unreadable"));
        }
    }

    static String sign(byte[] body, byte[] key) {
        try {
            Mac mac = Mac.getInstance(SIGNED);
            mac.init(new SecretKeySpec(key, SIGNED));
            return HexFormat.of().formatHex(mac.doFinal(body));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("Impossible state: every JDK has " + SIGNED + ".", e);
        }
    }

    private static byte[] ascii(String text) {
        return text.getBytes(StandardCharsets.US_ASCII);
    }
}
