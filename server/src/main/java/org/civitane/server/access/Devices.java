package org.civitane.server.access;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.civitane.server.platform.Network;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;

/** From where someone comes: their network, and what their browser was given when it was let in before. */
final class Devices {
    private static final String COOKIE = "civitane-device";
    private static final Pattern TOKEN = Pattern.compile("[A-Za-z0-9_-]{20,100}");
    private static final Duration REMEMBERED = Duration.ofDays(365);

    private Devices() {}

    static Tries.From of(HttpServletRequest request) {
        String device = Stream.of(request.getCookies() == null ? new Cookie[0] : request.getCookies())
                .filter(cookie -> cookie.getName().equals(COOKIE))
                .map(Cookie::getValue)
                .filter(value -> TOKEN.matcher(value).matches())
                .findFirst()
                .orElse("");
        return new Tries.From(Network.of(request), device);
    }

    static void remember(String device, HttpServletRequest request, HttpServletResponse response) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(COOKIE, device)
                        .httpOnly(true)
                        .sameSite("Lax")
                        .secure(request.isSecure())
                        .path("/api")
                        .maxAge(REMEMBERED)
                        .build()
                        .toString());
    }
}
