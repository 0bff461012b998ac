package org.civitane.server.platform;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Arrays;
import javax.crypto.Cipher;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Seals what lies in the database and nobody who reads only that may know, with a secret that lies elsewhere. */
@Component
public class Sealing {
    private static final int NONCE = 12;
    private static final int TAG_BITS = 128;
    private static final SecureRandom RANDOM = new SecureRandom();

    private final String secret;

    Sealing(@Value("${civitane.signing-secret}") String secret) {
        this.secret = secret;
    }

    /** Sealed anew each time, so that equal things do not look equal. */
    public byte[] seal(byte[] open) {
        try {
            byte[] nonce = new byte[NONCE];
            RANDOM.nextBytes(nonce);
            byte[] sealed = cipher(Cipher.ENCRYPT_MODE, nonce).doFinal(open);
            return ByteBuffer.allocate(NONCE + sealed.length)
                    .put(nonce)
                    .put(sealed)
                    .array();
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("Impossible state: every JDK has AES.", e);
        }
    }

    /** @throws IllegalStateException when it was sealed with another secret, or changed since */
    public byte[] open(byte[] sealed) {
        try {
            return cipher(Cipher.DECRYPT_MODE, Arrays.copyOf(sealed, NONCE))
                    .doFinal(sealed, NONCE, sealed.length - NONCE);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("What is sealed cannot be opened: is the secret another one?", e);
        }
    }

    private Cipher cipher(int mode, byte[] nonce) throws GeneralSecurityException {
        byte[] key = MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8));
        Cipher cipher = Cipher.getInstance("AES/GCM/NoPadding");
        cipher.init(mode, new SecretKeySpec(key, "AES"), new GCMParameterSpec(TAG_BITS, nonce));
        return cipher;
    }
}
