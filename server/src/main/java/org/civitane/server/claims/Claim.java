package org.civitane.server.claims;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.PhraseColumn;
import org.civitane.server.platform.Problem;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A claim as the database keeps it. */
@Entity
class Claim {
    private static final int DAYS_TO_DECIDE = 5;

    @Id
    private UUID id;

    private String number;
    private String programme;
    private @Nullable String season;
    private UUID applicantId;
    private String householdName;
    private String searchText;

    @Enumerated(EnumType.STRING)
    private ClaimState state;

    private LocalDateTime receivedAt;
    private LocalDate receivedOn;
    private LocalDate dueBy;
    private LocalDate decideBy;
    private @Nullable UUID ownerId;

    @Enumerated(EnumType.STRING)
    private @Nullable Stack stack;

    @JdbcTypeCode(SqlTypes.JSON)
    private String nextStep;

    @Enumerated(EnumType.STRING)
    private NextAction nextAction;

    private @Nullable Instant cameBackAt;

    @Enumerated(EnumType.STRING)
    private Wait.@Nullable On waitOn;

    @JdbcTypeCode(SqlTypes.JSON)
    private @Nullable String waitFor;

    private @Nullable LocalDate waitUntil;

    @JdbcTypeCode(SqlTypes.JSON)
    private @Nullable String waitThen;

    private int edition;
    private boolean closed;
    private boolean urgent;
    private boolean held;
    private @Nullable Instant decidedAt;
    private int changes;

    @Version
    private int version;

    @SuppressWarnings("NullAway.Init")
    protected Claim() {}

    Claim(UUID id, String number, NewClaim claim, String householdName, String searchText) {
        this.id = id;
        this.number = number;
        this.programme = claim.programme().id();
        this.season = claim.programme().season(claim.file().receivedOn()).orElse(null);
        this.applicantId = claim.applicant().account();
        this.householdName = householdName;
        this.searchText = searchText;
        this.state = claim.signing() ? ClaimState.SIGNING : ClaimState.RECEIVED;
        this.receivedAt = claim.file().receivedAt();
        this.receivedOn = claim.file().receivedOn();
        this.dueBy = claim.dueBy();
        this.decideBy = claim.dueBy();
        this.stack = Stack.NEW;
        this.nextStep = PhraseColumn.write(Phrase.NOTHING);
        this.nextAction = NextAction.TAKE;
        this.edition = 1;
        this.urgent = claim.urgent();
    }

    void become(ClaimState next) {
        if (next != state && !state.mayBecome(next)) {
            throw Problem.conflict("state", Phrase.of("problem.state." + state));
        }
        state = next;
    }

    void belongTo(UUID owner) {
        ownerId = owner;
    }

    void belongToNobody() {
        ownerId = null;
    }

    /** While others still have to sign it is that which it waits in, whatever else it waits for. */
    void waitFor(Wait wait) {
        if (state != ClaimState.SIGNING) {
            become(ClaimState.WAITING);
        }
        waitOn = wait.on();
        waitFor = PhraseColumn.write(wait.what());
        waitUntil = wait.until();
        waitThen = PhraseColumn.write(wait.then());
    }

    /** The desk decides some business days after an answer, never sooner than it meant to. */
    void decideAfter(LocalDate answer) {
        LocalDate day = BusinessCalendar.plusBusinessDays(answer, DAYS_TO_DECIDE);
        if (day.isAfter(decideBy)) {
            decideBy = day;
        }
    }

    LocalDate decideBy() {
        return decideBy;
    }

    /** Something about it changes, if only in what belongs to it: its version rises, and older views of it are stale. */
    void count() {
        changes++;
    }

    /** All have signed, or no more time is left to: it is where it would be by then. */
    void signed() {
        if (state == ClaimState.SIGNING) {
            become(ownerId == null ? ClaimState.RECEIVED : ClaimState.IN_REVIEW);
            waitNoMore();
        }
    }

    void waitNoMore() {
        waitOn = null;
        waitFor = null;
        waitUntil = null;
        waitThen = null;
    }

    void comeBack(Instant at) {
        cameBackAt = at;
    }

    void stand(Standing standing) {
        stack = standing.stack().orElse(null);
        nextStep = PhraseColumn.write(standing.nextStep());
        nextAction = standing.action();
    }

    int addEdition() {
        return ++edition;
    }

    void rename(String household, String searchable) {
        householdName = household;
        searchText = searchable;
    }

    void decided(Instant at, boolean asClosed) {
        become(ClaimState.DECIDED);
        waitNoMore();
        stack = null;
        nextStep = PhraseColumn.write(Phrase.NOTHING);
        nextAction = NextAction.NONE;
        decidedAt = at;
        closed = asClosed;
    }

    void noLongerUrgent() {
        urgent = false;
    }

    /** What is decided stays so, and is held. */
    void frozen() {
        held = true;
        if (state.isOpen()) {
            become(ClaimState.FROZEN);
            waitNoMore();
            stack = null;
        }
    }

    void released() {
        held = false;
        if (state == ClaimState.FROZEN) {
            become(ClaimState.IN_REVIEW);
        }
    }

    void withdrawn() {
        become(ClaimState.WITHDRAWN);
        waitNoMore();
        stack = null;
    }

    ClaimState state() {
        return state;
    }

    Optional<UUID> owner() {
        return Optional.ofNullable(ownerId);
    }

    int version() {
        return version;
    }

    ClaimView view() {
        Optional<Wait> wait = waitOn == null
                ? Optional.empty()
                : Optional.of(new Wait(waitOn, PhraseColumn.read(waitFor), waitUntil, PhraseColumn.read(waitThen)));
        return new ClaimView(
                id,
                number,
                programme,
                Optional.ofNullable(season),
                applicantId,
                householdName,
                state,
                receivedAt,
                receivedOn,
                dueBy,
                decideBy,
                owner(),
                wait,
                Optional.ofNullable(cameBackAt),
                PhraseColumn.read(nextStep),
                nextAction,
                edition,
                closed,
                urgent,
                held,
                Optional.ofNullable(decidedAt),
                version);
    }
}
