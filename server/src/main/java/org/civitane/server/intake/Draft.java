package org.civitane.server.intake;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** An application being filled in. */
@Entity
class Draft {
    @Id
    private UUID id;

    private UUID accountId;
    private String programme;

    @JdbcTypeCode(SqlTypes.JSON)
    private String answers;

    private String chapter;

    @Version
    private int version;

    private Instant savedAt;
    private @Nullable UUID claimId;
    private @Nullable String lastSave;

    @SuppressWarnings("NullAway.Init")
    protected Draft() {}

    Draft(UUID id, UUID accountId, String programme, String answers, String chapter, Instant savedAt) {
        this.id = id;
        this.accountId = accountId;
        this.programme = programme;
        this.answers = answers;
        this.chapter = chapter;
        this.savedAt = savedAt;
    }

    void save(String newAnswers, String atChapter, Instant at, @Nullable String save) {
        lastSave = save;
        answers = newAnswers;
        chapter = atChapter;
        savedAt = at;
    }

    void handedInAs(UUID claim) {
        claimId = claim;
    }

    UUID id() {
        return id;
    }

    UUID accountId() {
        return accountId;
    }

    String programme() {
        return programme;
    }

    String answers() {
        return answers;
    }

    String chapter() {
        return chapter;
    }

    int version() {
        return version;
    }

    Instant savedAt() {
        return savedAt;
    }

    Optional<String> lastSave() {
        return Optional.ofNullable(lastSave);
    }

    Optional<UUID> claim() {
        return Optional.ofNullable(claimId);
    }
}
