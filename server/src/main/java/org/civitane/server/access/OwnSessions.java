package org.civitane.server.access;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Where someone is signed in. */
@Component
class OwnSessions {
    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    OwnSessions(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /**
     * One place.
     *
     * @param here whether it is the one from which it is asked
     * @param from the network address it was begun from
     */
    record SignedInAt(boolean here, Instant since, Instant lastUsed, String from) {}

    List<SignedInAt> of(SignedIn who, String here) {
        return sessions.findByPrincipalName(who.getName()).values().stream()
                .map(session -> new SignedInAt(
                        session.getId().equals(here),
                        SessionEnd.begunAt(session),
                        session.getLastAccessedTime(),
                        SessionEnd.begunFrom(session)))
                .sorted(Comparator.comparing(SignedInAt::lastUsed).reversed())
                .toList();
    }

    /** Ends all but one; all of them where none is kept. @param kept its id, or nothing */
    void endOthers(String principal, String kept) {
        sessions.findByPrincipalName(principal).keySet().stream()
                .filter(id -> !id.equals(kept))
                .forEach(sessions::deleteById);
    }
}
