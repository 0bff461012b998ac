package org.civitane.server.claims;

import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.civitane.core.claim.Act;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.access.Accounts;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Everything that people do to a claim passes here: it is held until the transaction ends, then it is seen whose it is,
 * whether its state allows the act, and whether whoever acts has seen it as it is now. Only then the act begins, in the
 * same transaction, on the claim as it is held.
 */
@Service
@Transactional
public class ClaimActs {
    private final Claims claims;
    private final Accounts accounts;
    private final Closeness closeness;

    ClaimActs(Claims claims, Accounts accounts, Closeness closeness) {
        this.claims = claims;
        this.accounts = accounts;
        this.closeness = closeness;
    }

    /**
     * Staff act on a claim: its owner, or a supervisor, whom the history names as one.
     *
     * @throws Problem when it is neither, or the claim's state does not allow it
     */
    public <T> T byStaff(UUID id, SignedIn who, Act act, Function<ClaimView, T> deed) {
        return deed.apply(held(id, who, act));
    }

    /**
     * As {@link #byStaff(UUID, SignedIn, Act, Function)}, on what they saw.
     *
     * @param version the version of the claim that they saw; another is refused
     */
    public <T> T byStaff(UUID id, SignedIn who, Act act, int version, Function<ClaimView, T> deed) {
        ClaimView claim = held(id, who, act);
        if (claim.version() != version) {
            throw Problem.conflict("changed-meanwhile", Phrase.of("problem.changed-meanwhile"), asItIs(claim));
        }
        return deed.apply(claim);
    }

    /**
     * The applicant acts on their claim; another's looks as if it were not there.
     *
     * @throws Problem when the claim's state does not allow it
     */
    public <T> T byApplicant(UUID id, SignedIn applicant, Act act, Function<ClaimView, T> deed) {
        claims.hold(id);
        ClaimView claim = claims.claimOf(applicant, id);
        check(claim, act);
        return deed.apply(claim);
    }

    /** A caseworker takes a claim that nobody has. Taking one's own again changes nothing. */
    public ClaimView take(UUID id, SignedIn caseworker) {
        claims.hold(id);
        ClaimView claim = claims.claim(id);
        check(claim, Act.TAKE);
        checkIsFarEnough(caseworker, Act.TAKE, claim);
        if (claim.owner().filter(caseworker.account()::equals).isPresent()) {
            return claim;
        }
        if (claim.owner().isPresent()) {
            throw Problem.conflict("taken", Phrase.of("problem.taken", ownerOf(claim)), asItIs(claim));
        }
        claims.note(id, Actor.of(caseworker), "taken", Phrase.of("history.taken"));
        return claims.belongTo(id, caseworker.account());
    }

    /**
     * Gives a claim to another caseworker: a caseworker their own, a supervisor any. To whoever has it already changes
     * nothing.
     *
     * @throws Problem when it is not theirs to give, it is decided, or claims cannot belong to the other
     */
    public ClaimView handOver(UUID id, UUID to, SignedIn who) {
        return byStaff(id, who, Act.TAKE, claim -> {
            SignedIn caseworker = accounts.account(to);
            if (!caseworker.role().worksClaims()) {
                throw Problem.invalid("to", Phrase.of("problem.not-staff"));
            }
            if (claim.owner().filter(to::equals).isPresent()) {
                return claim;
            }
            if (closeness.of(caseworker, claim).forbids(Act.TAKE).isPresent()) {
                throw Problem.invalid("to", Phrase.of("problem.colleague-knows-them"));
            }
            claims.note(id, Actor.of(who), "handed-over", Phrase.of("history.handed-over", caseworker.displayName()));
            return claims.belongTo(id, to);
        });
    }

    /**
     * Someone who works claims says that they know the people of one: from then on it is for others, and nobody's where it
     * was theirs. It cannot be taken back.
     */
    public void standAside(UUID id, SignedIn caseworker) {
        claims.hold(id);
        ClaimView claim = claims.claim(id);
        check(claim, Act.TAKE);
        if (closeness.tell(id, caseworker)) {
            claims.note(id, Actor.of(caseworker), "stood-aside", Phrase.of("history.stood-aside"));
            if (claim.owner().filter(caseworker.account()::equals).isPresent()) {
                claims.belongToNobody(id);
            }
        }
    }

    /** The applicant takes the claim back before it is decided. Once it is taken back, nothing more happens. */
    public ClaimView withdraw(UUID id, SignedIn applicant) {
        claims.hold(id);
        ClaimView claim = claims.claimOf(applicant, id);
        if (claim.state() == ClaimState.WITHDRAWN) {
            return claim;
        }
        check(claim, Act.WITHDRAW);
        claims.note(id, Actor.of(applicant), "withdrawn", Phrase.of("history.withdrawn"));
        return claims.withdraw(id);
    }

    /** Whether this member of staff may do that to the claim as it is. */
    public boolean may(SignedIn who, Act act, ClaimView claim) {
        return may(who, claim).contains(act);
    }

    /** All that this member of staff may do to the claim as it is. */
    public Set<Act> may(SignedIn who, ClaimView claim) {
        if (!isTheirs(who, claim)) {
            return Set.of();
        }
        Closeness.Close close = closeness.of(who, claim);
        return Arrays.stream(Act.values())
                .filter(act -> claim.state().allows(act) && close.forbids(act).isEmpty())
                .collect(Collectors.toUnmodifiableSet());
    }

    /** Whether this member of staff may take a claim that nobody has. */
    public boolean mayTake(SignedIn who, ClaimView claim) {
        boolean works = who.role() == Role.CASEWORKER || who.role() == Role.SUPERVISOR;
        return works
                && claim.owner().isEmpty()
                && claim.state().allows(Act.TAKE)
                && closeness.of(who, claim).forbids(Act.TAKE).isEmpty();
    }

    private void checkIsFarEnough(SignedIn who, Act act, ClaimView claim) {
        closeness.of(who, claim).forbids(act).ifPresent(why -> {
            throw Problem.forbidden("too-close", why);
        });
    }

    private ClaimView held(UUID id, SignedIn who, Act act) {
        claims.hold(id);
        ClaimView claim = claims.claim(id);
        if (!isTheirs(who, claim)) {
            throw claim.owner().isEmpty()
                    ? Problem.forbidden("not-taken", Phrase.of("problem.not-taken"))
                    : Problem.forbidden("not-yours", Phrase.of("problem.not-yours", ownerOf(claim)));
        }
        checkIsFarEnough(who, act, claim);
        check(claim, act);
        return claim;
    }

    /** @throws Problem while the claim, decided or not, is held since misuse is looked into */
    public static void checkIsFree(ClaimView claim) {
        if (claim.held()) {
            throw Problem.conflict("frozen", Phrase.of("problem.state.FROZEN"), asItIs(claim));
        }
    }

    /** @throws Problem when the state of the claim, as it is read, does not allow the act */
    public void check(ClaimView claim, Act act) {
        if (!claim.state().allows(act)) {
            boolean frozen = claim.state() == ClaimState.FROZEN;
            throw Problem.conflict(
                    frozen ? "frozen" : "state", Phrase.of("problem.state." + claim.state()), asItIs(claim));
        }
    }

    private static boolean isTheirs(SignedIn who, ClaimView claim) {
        return who.role() == Role.SUPERVISOR
                || who.role() == Role.CASEWORKER
                        && claim.owner().filter(who.account()::equals).isPresent();
    }

    private String ownerOf(ClaimView claim) {
        return accounts.account(claim.owner().orElseThrow()).displayName();
    }

    private static Map<String, String> asItIs(ClaimView claim) {
        return Map.of("state", claim.state().name(), "version", String.valueOf(claim.version()));
    }
}
