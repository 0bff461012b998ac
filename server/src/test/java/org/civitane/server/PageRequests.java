package org.civitane.server;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;

import jakarta.servlet.http.Cookie;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.access.BoundTokens;
import org.civitane.server.access.SignedIn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.session.SessionRepository;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;
import org.springframework.test.web.servlet.request.RequestPostProcessor;

/** Requests of tests within the server, as a page of ours sends them. */
abstract class PageRequests extends AbstractTestNGSpringContextTests {
    private static SessionRepository<?> allSessions;

    /** A request of someone who has signed in. */
    protected static RequestPostProcessor as(SignedIn who) {
        return authentication(new UsernamePasswordAuthenticationToken(
                who, null, AuthorityUtils.createAuthorityList("ROLE_" + who.role())));
    }

    /**
     * A request of a page of ours. Spring's own way would put another repository of tokens into this server, in which
     * real requests would find none of theirs any more.
     */
    protected static RequestPostProcessor csrf() {
        return request -> {
            List<Cookie> cookies =
                    new ArrayList<>(request.getCookies() == null ? List.of() : List.of(request.getCookies()));
            String token = cookies.stream()
                    .filter(cookie -> cookie.getName().equals("civitane"))
                    .findFirst()
                    .flatMap(PageRequests::tokenOf)
                    .orElseGet(() -> UUID.randomUUID().toString());
            cookies.add(new Cookie("XSRF-TOKEN", token));
            request.setCookies(cookies.toArray(Cookie[]::new));
            request.addHeader("X-XSRF-TOKEN", token);
            return request;
        };
    }

    /** The token that belongs to a session. */
    private static Optional<String> tokenOf(Cookie session) {
        String id = new String(Base64.getDecoder().decode(session.getValue()), StandardCharsets.UTF_8);
        return Optional.ofNullable(allSessions.findById(id)).map(found -> found.getAttribute(BoundTokens.BOUND));
    }

    @Autowired
    void rememberSessions(SessionRepository<?> sessions) {
        allSessions = sessions;
    }
}
