package org.civitane.server.intake;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.platform.Digest;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** From which device a claim was handed in: only a digest is kept, enough to tell the same one again, and its kind. */
@Component
public class Origins {
    private final JdbcClient database;

    Origins(JdbcClient database) {
        this.database = database;
    }

    void keep(UUID claim, Device device) {
        if (!device.digest().isEmpty()) {
            database.sql("insert into claim_origin (claim_id, device, kind) values (?, ?, ?)")
                    .params(claim, device.digest(), device.kind())
                    .update();
        }
    }

    /** The kind of device that a claim was handed in from: {@code PHONE}, {@code TABLET}, {@code COMPUTER}; else empty. */
    public String kindOf(UUID claim) {
        return database.sql("select kind from claim_origin where claim_id = ?")
                .param(claim)
                .query(String.class)
                .optional()
                .orElse("");
    }

    /**
     * A device.
     *
     * @param digest enough to tell the same one again; empty when it is not known
     * @param kind as its browser says
     */
    public record Device(String digest, String kind) {
        public static final Device UNKNOWN = new Device("", "");
    }

    /** The device of a request: its network address and what its browser says of itself, as a digest. */
    static Device deviceOf(HttpServletRequest request) {
        String browser = Optional.ofNullable(request.getHeader("User-Agent")).orElse("");
        return new Device(Digest.of(request.getRemoteAddr() + " " + browser), kind(browser));
    }

    private static String kind(String browser) {
        if (browser.isEmpty()) {
            return "";
        }
        if (browser.contains("iPad") || browser.contains("Tablet")) {
            return "TABLET";
        }
        return browser.contains("Mobi") ? "PHONE" : "COMPUTER";
    }
}
