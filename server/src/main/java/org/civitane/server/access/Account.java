package org.civitane.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** A person who can sign in. */
@Entity
class Account {
    @Id
    private UUID id;

    private String email;
    private String displayName;

    @Enumerated(EnumType.STRING)
    private Role role;

    private String passwordHash;
    private Instant createdAt;

    @SuppressWarnings("NullAway.Init")
    protected Account() {}

    Account(UUID id, String email, String displayName, Role role, String passwordHash, Instant createdAt) {
        this.id = id;
        this.email = email;
        this.displayName = displayName;
        this.role = role;
        this.passwordHash = passwordHash;
        this.createdAt = createdAt;
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
}
