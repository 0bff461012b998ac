package org.civitane.server.access;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.Optional;
import java.util.stream.LongStream;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;

/** Codes that an app shows: six digits that change every half minute, by a secret that it shares with us (RFC 6238). */
final class AppCodes {
    private static final String ISSUER = "Halvern Household Services";
    private static final int SECRET_BYTES = 20;
    private static final SecureRandom RANDOM = new SecureRandom();
    private static final TimeBasedOneTimePasswordGenerator CODES = new TimeBasedOneTimePasswordGenerator();

    private AppCodes() {}

    static byte[] newSecret() {
        byte[] secret = new byte[SECRET_BYTES];
        RANDOM.nextBytes(secret);
        return secret;
    }

    /** A secret as it is typed into an app: 32 letters and digits. */
    static String spelled(byte[] secret) {
        return new Base32().encodeToString(secret);
    }

    /** A secret as an app reads it from a square code. */
    static String link(byte[] secret, String account) {
        return "otpauth://totp/%s:%s?secret=%s&issuer=%s"
                .formatted(escaped(ISSUER), escaped(account), spelled(secret), escaped(ISSUER));
    }

    /** The half minute, counted from 1970, whose code this is: the one of now, the one before or the one after. */
    static Optional<Long> stepOf(byte[] secret, String code, Instant now) {
        long step = now.getEpochSecond() / CODES.getTimeStep().toSeconds();
        return LongStream.rangeClosed(step - 1, step + 1)
                .boxed()
                .filter(each -> code(secret, each).equals(code))
                .findFirst();
    }

    /** The code that an app shows now. */
    static String now(byte[] secret, Instant now) {
        return code(secret, now.getEpochSecond() / CODES.getTimeStep().toSeconds());
    }

    private static String code(byte[] secret, long step) {
        try {
            return CODES.generateOneTimePasswordString(
                    new SecretKeySpec(secret, CODES.getAlgorithm()),
                    Instant.ofEpochSecond(step * CODES.getTimeStep().toSeconds()));
        } catch (InvalidKeyException e) {
            throw new IllegalStateException("Impossible state: any bytes are a key.", e);
        }
    }

    private static String escaped(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }
}
