package org.civitane.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.MDC;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Gives every request an id, which each line of the log about it carries and a problem document names. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestId extends OncePerRequestFilter {
    private static final String KEY = "request";

    /** The id of the request that is being answered; a new one where none is, as before the container's refusals. */
    static String now() {
        return Optional.ofNullable(MDC.get(KEY)).orElseGet(RequestId::next);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        MDC.put(KEY, next());
        try {
            chain.doFilter(request, response);
        } finally {
            MDC.remove(KEY);
        }
    }

    private static String next() {
        return UUID.randomUUID().toString();
    }
}
