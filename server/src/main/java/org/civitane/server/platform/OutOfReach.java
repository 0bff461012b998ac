package org.civitane.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.util.Locale;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Answers 503 when the database is away, also where it is missed before or behind everything else: in the session. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class OutOfReach extends OncePerRequestFilter {
    /** In how many seconds to ask again. */
    static final String RETRY_AFTER = "5";

    private static final Logger LOG = LoggerFactory.getLogger(OutOfReach.class);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException e) {
            if (!isDatabaseAway(e) || response.isCommitted()) {
                throw e;
            }
            LOG.error(
                    "The database is out of reach: {}",
                    WithoutWords.of(NestedExceptionUtils.getMostSpecificCause(e))
                            .toString());
            response.reset();
            SecurityHeaders.ALL.forEach(response::setHeader);
            response.setHeader(HttpHeaders.RETRY_AFTER, RETRY_AFTER);
            ProblemText.write(response, HttpServletResponse.SC_SERVICE_UNAVAILABLE);
        }
    }

    /** Whether something failed because the database could not be reached, or broke off. */
    static boolean isDatabaseAway(Throwable failure) {
        for (Throwable at = failure; at != null; at = at.getCause()) {
            if (at instanceof SQLException sql && isConnectionLost(sql)) {
                return true;
            }
        }
        return false;
    }

    /**
     * Classes 08, connection; 53, no room on the database's disk, or in its memory, or for one more connection; 57, the
     * operator's intervention, which a restart is; and 58, its disk itself. The pool gives none.
     */
    private static boolean isConnectionLost(SQLException e) {
        String state = e.getSQLState() == null ? "08" : e.getSQLState().toUpperCase(Locale.ROOT);
        return state.startsWith("08") || state.startsWith("53") || state.startsWith("57P") || state.startsWith("58");
    }
}
