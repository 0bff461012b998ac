package org.civitane.server.platform;

import java.util.Map;

/** The headers that every answer carries, also one that no part of the application gave. */
public final class SecurityHeaders {
    public static final String CONTENT_SECURITY_POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; img-src 'self' data: blob:; "
                    + "connect-src 'self'; frame-src 'self'; manifest-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'self'";

    /** By name. */
    public static final Map<String, String> ALL = Map.of(
            "Content-Security-Policy", CONTENT_SECURITY_POLICY,
            "X-Frame-Options", "SAMEORIGIN",
            "X-Content-Type-Options", "nosniff",
            "Referrer-Policy", "same-origin",
            "Cache-Control", "no-cache, no-store, max-age=0, must-revalidate");

    private SecurityHeaders() {}
}
