package org.civitane.server.access;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import org.civitane.server.platform.Digest;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;

/**
 * Which passwords are taken, and how they are kept: hashed whole with Argon2id, a few at a time, since each takes its
 * memory. What was hashed otherwise before is still understood.
 */
@Component
class Passwords {
    static final int SHORTEST = 12;
    static final int LONGEST = 200;

    /** What can be guessed within so many tries is refused: what is common, repeated, or one's own name or address. */
    private static final double FEWEST_GUESSES = 1e10;
    /** So much of one is looked at: measuring takes longer the more there is, and this is enough for any. */
    private static final int MEASURED = 64;

    private static final int AT_ONCE = 4;

    private static final int SALT_BYTES = 16;
    private static final int HASH_BYTES = 32;
    private static final int LANES = 1;
    private static final int ROUNDS = 2;

    private final Zxcvbn measure = new Zxcvbn();
    private final Semaphore turns = new Semaphore(AT_ONCE, true);
    private final PasswordEncoder encoder;
    private final String ofNobody;

    /** @param memory what one hash takes; one that was made with less is made anew when its owner signs in */
    Passwords(@Value("${civitane.password-memory}") DataSize memory) {
        PasswordEncoder argon2 =
                new Argon2PasswordEncoder(SALT_BYTES, HASH_BYTES, LANES, Math.toIntExact(memory.toKilobytes()), ROUNDS);
        this.encoder = new DelegatingPasswordEncoder(
                "argon2", Map.of("argon2", argon2, "bcrypt", new BCryptPasswordEncoder()));
        this.ofNobody = encoder.encode(Digest.newToken());
    }

    /** @throws Problem when it is too short or long, blank, or can be guessed from a list or from who someone is */
    void check(String password, String email, String name) {
        int signs = password.codePointCount(0, password.length());
        if (password.isBlank() || signs < SHORTEST || signs > LONGEST) {
            throw Problem.invalid("password", Phrase.of("account.password", SHORTEST, LONGEST));
        }
        List<String> own = Arrays.stream((email + " " + name).split("[^\\p{L}]+"))
                .filter(part -> part.length() > 1)
                .map(part -> part.toLowerCase(Locale.ROOT))
                .toList();
        String beginning = password.substring(0, Math.min(MEASURED, password.length()));
        if (password.equalsIgnoreCase(email)
                || password.equalsIgnoreCase(SimulatedAccounts.PASSWORD)
                || measure.measure(beginning, own).getGuesses() < FEWEST_GUESSES) {
            throw Problem.invalid("password", Phrase.of("account.password-common"));
        }
    }

    String hash(String password) {
        return inTurn(() -> encoder.encode(password));
    }

    boolean matches(String password, String hash) {
        return inTurn(() -> encoder.matches(password, hash));
    }

    /** As long as {@link #matches} takes, for an account that is not there. */
    void matchNobody(String password) {
        matches(password, ofNobody);
    }

    /** Whether a hash is of an older kind than passwords are hashed with now. */
    boolean isOld(String hash) {
        return encoder.upgradeEncoding(hash);
    }

    private <T> T inTurn(Supplier<T> work) {
        turns.acquireUninterruptibly();
        try {
            return work.get();
        } finally {
            turns.release();
        }
    }
}
