package org.civitane.server.intake;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** From which device a claim was handed in: only a digest is kept, enough to tell the same one again. */
@Component
class Origins {
    private final JdbcClient database;

    Origins(JdbcClient database) {
        this.database = database;
    }

    /** @param device empty when it is not known; then nothing is kept */
    void keep(UUID claim, String device) {
        if (!device.isEmpty()) {
            database.sql("insert into claim_origin (claim_id, device) values (?, ?)")
                    .params(claim, device)
                    .update();
        }
    }

    /** The device of a request: its network address and what its browser says of itself, as a digest. */
    static String deviceOf(HttpServletRequest request) {
        String said = request.getRemoteAddr() + " "
                + Optional.ofNullable(request.getHeader("User-Agent")).orElse("");
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(said.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Impossible state: every JDK has SHA-256.", e);
        }
    }
}
