package org.civitane.server.access;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.Arrays;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.csrf.DefaultCsrfToken;
import org.springframework.stereotype.Component;

/**
 * The tokens by which pages show that a call is theirs. Whoever is signed in has one that belongs to the session and was
 * made when they signed in: a cookie that somebody else put there is of no use. A page reads it from a cookie.
 */
@Component
public class BoundTokens implements CsrfTokenRepository {
    /** Under which the session has its token. */
    public static final String BOUND = "PAGE_TOKEN";

    private static final String COOKIE = "XSRF-TOKEN";
    private static final String HEADER = "X-XSRF-TOKEN";
    private static final String PARAMETER = "_csrf";

    private final CookieCsrfTokenRepository cookies = CookieCsrfTokenRepository.withHttpOnlyFalse();

    @Override
    public CsrfToken generateToken(HttpServletRequest request) {
        return cookies.generateToken(request);
    }

    @Override
    public void saveToken(@Nullable CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        HttpSession session = request.getSession(false);
        if (session != null && token != null) {
            session.setAttribute(BOUND, token.getToken());
        }
        cookies.saveToken(token, request, response);
    }

    @Override
    public @Nullable CsrfToken loadToken(HttpServletRequest request) {
        return bound(request).orElseGet(() -> cookies.loadToken(request));
    }

    /** Someone signs in: whatever token was there before is worth nothing. */
    void renew(HttpServletRequest request, HttpServletResponse response) {
        saveToken(generateToken(request), request, response);
    }

    /** Tells a page the token of its session, where its cookie says another or none. */
    void tell(HttpServletRequest request, HttpServletResponse response) {
        bound(request)
                .filter(token -> !token.getToken().equals(inCookie(request)))
                .ifPresent(token -> cookies.saveToken(token, request, response));
    }

    private static Optional<CsrfToken> bound(HttpServletRequest request) {
        return Optional.ofNullable(request.getSession(false))
                .map(session -> session.getAttribute(BOUND))
                .map(token -> new DefaultCsrfToken(HEADER, PARAMETER, token.toString()));
    }

    private static String inCookie(HttpServletRequest request) {
        Cookie[] all = request.getCookies() == null ? new Cookie[0] : request.getCookies();
        return Arrays.stream(all)
                .filter(cookie -> cookie.getName().equals(COOKIE))
                .map(Cookie::getValue)
                .findFirst()
                .orElse("");
    }
}
