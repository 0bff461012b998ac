package org.civitane.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.civitane.server.platform.ProblemText;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Two tabs of one browser share a session. Whoever signs in in one of them does not act by what somebody else left open in
 * the other: a page says whose it is, and is refused when that is not who is signed in now.
 */
final class OtherTab extends OncePerRequestFilter {
    static final String WHOSE = "X-Account";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String whose = request.getHeader(WHOSE);
        Authentication now = SecurityContextHolder.getContext().getAuthentication();
        if (whose != null
                && now != null
                && now.getPrincipal() instanceof SignedIn who
                && !who.account().toString().equals(whose)) {
            ProblemText.write(response, HttpServletResponse.SC_PRECONDITION_FAILED);
        } else {
            chain.doFilter(request, response);
        }
    }
}
