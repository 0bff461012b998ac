package org.civitane.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** A person who can sign in, or could before their account was closed. */
@Entity
class Account {
    enum State {
        OPEN,
        CLOSED
    }

    @Id
    private UUID id;

    private String email;
    private String displayName;

    @Enumerated(EnumType.STRING)
    private Role role;

    private String passwordHash;
    private Instant createdAt;

    @Enumerated(EnumType.STRING)
    private State state;

    @SuppressWarnings("NullAway.Init")
    protected Account() {}

    /** @param email the address, or the name with which someone signs in who has none */
    Account(UUID id, String email, String displayName, Role role, String passwordHash, Instant createdAt) {
        this.id = id;
        this.email = email;
        this.displayName = displayName;
        this.role = role;
        this.passwordHash = passwordHash;
        this.createdAt = createdAt;
        this.state = State.OPEN;
    }

    SignedIn signedIn() {
        return new SignedIn(id, email, displayName, role);
    }

    String passwordHash() {
        return passwordHash;
    }

    Instant createdAt() {
        return createdAt;
    }

    State state() {
        return state;
    }
}
