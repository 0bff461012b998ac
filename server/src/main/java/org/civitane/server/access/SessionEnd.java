package org.civitane.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import org.civitane.server.platform.AgencyClock;
import org.springframework.core.annotation.Order;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** A session ends twelve hours after its owner signed in, however busy it is: then they sign in again. */
@Component
@Order(SessionEnd.BEFORE_SECURITY)
class SessionEnd extends OncePerRequestFilter {
    static final int BEFORE_SECURITY = -101;
    private static final String ENTERED = "entered";
    private static final String FROM = "from";
    private static final Duration LONGEST = Duration.ofHours(12);

    private final AgencyClock clock;

    SessionEnd(AgencyClock clock) {
        this.clock = clock;
    }

    static void begin(HttpSession session, Instant now, String network) {
        session.setAttribute(ENTERED, now.toEpochMilli());
        session.setAttribute(FROM, network);
    }

    static Instant begunAt(Session session) {
        return session.getAttribute(ENTERED) instanceof Long entered
                ? Instant.ofEpochMilli(entered)
                : session.getCreationTime();
    }

    static String begunFrom(Session session) {
        return session.getAttribute(FROM) instanceof String from ? from : "";
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        if (session != null
                && session.getAttribute(ENTERED) instanceof Long entered
                && Instant.ofEpochMilli(entered).plus(LONGEST).isBefore(clock.instant())) {
            session.invalidate();
        }
        chain.doFilter(request, response);
    }
}
