package org.civitane.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.civitane.server.platform.AgencyClock;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/** Lets people in: from then on the session knows who they are. */
@Component
public class Sessions {
    /** Followed by the claim that someone may send pictures to. */
    static final String CARRIES = "CARRIES_";

    private static final Duration CARRYING = Duration.ofMinutes(30);

    private static final Duration STAFF_IDLE = Duration.ofHours(1);
    private static final Duration HALFWAY_IDLE = Duration.ofMinutes(10);
    private static final Duration APPLICANT_IDLE = Duration.ofMinutes(30);

    private final SecurityContextRepository contexts;
    private final BoundTokens tokens;
    private final AgencyClock clock;

    Sessions(SecurityContextRepository contexts, BoundTokens tokens, AgencyClock clock) {
        this.contexts = contexts;
        this.tokens = tokens;
        this.clock = clock;
    }

    void enter(SignedIn who, HttpServletRequest request, HttpServletResponse response) {
        enter(new SignedInToken(who, List.of()), request, response);
        Duration idle = switch (who.role()) {
            case APPLICANT -> APPLICANT_IDLE;
            case CARRYING -> CARRYING;
            case HALFWAY -> HALFWAY_IDLE;
            case CASEWORKER, SUPERVISOR, AUDITOR -> STAFF_IDLE;
        };
        request.getSession().setMaxInactiveInterval((int) idle.toSeconds());
    }

    /** Lets someone send pictures to one claim in the name of its applicant, and nothing else, for half an hour. */
    public void carry(SignedIn applicant, UUID claim, HttpServletRequest request, HttpServletResponse response) {
        SignedIn carrying =
                new SignedIn(applicant.account(), applicant.email(), applicant.displayName(), Role.CARRYING);
        enter(new SignedInToken(carrying, List.of(CARRIES + claim)), request, response);
        request.getSession().setMaxInactiveInterval((int) CARRYING.toSeconds());
    }

    private void enter(SignedInToken token, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(token);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        SessionEnd.begin(request.getSession(), clock.instant(), request.getRemoteAddr());
        tokens.renew(request, response);
    }

    /** The session's authentication, with who it is as its principal. */
    static final class SignedInToken extends UsernamePasswordAuthenticationToken {
        SignedInToken(SignedIn who, List<String> more) {
            super(who, null, AuthorityUtils.createAuthorityList(authorities(who, more)));
        }

        private static List<String> authorities(SignedIn who, List<String> more) {
            return Stream.concat(Stream.of("ROLE_" + who.role()), more.stream()).toList();
        }

        @Override
        public SignedIn getPrincipal() {
            return (SignedIn) super.getPrincipal();
        }
    }
}
