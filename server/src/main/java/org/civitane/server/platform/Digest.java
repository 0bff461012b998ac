package org.civitane.server.platform;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** What is kept of links and codes in their place, and how they are made. */
public final class Digest {
    private static final SecureRandom RANDOM = new SecureRandom();
    private static final int BYTES = 32;
    private static final int CODES = 1_000_000;

    private Digest() {}

    /** 43 letters, digits, minus and underscore that nobody can guess. */
    public static String newToken() {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** Six digits. */
    public static String newCode() {
        return "%06d".formatted(RANDOM.nextInt(CODES));
    }

    /** The SHA-256 of a secret, in lower-case hexadecimal. */
    public static String of(String secret) {
        return of(secret.getBytes(StandardCharsets.UTF_8));
    }

    /** The SHA-256 of a file, in lower-case hexadecimal. */
    public static String of(byte[] file) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(file));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Impossible state: every JDK has SHA-256.", e);
        }
    }
}
