package org.civitane.server.access;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/** Who is signed in; the principal of the session. */
public record SignedIn(UUID account, String email, String displayName, Role role) implements Principal, Serializable {
    @Override
    public String getName() {
        return email;
    }
}
