package org.civitane.server.claims;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Programme;
import org.civitane.server.access.SignedIn;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Claims and what happens to them. Every change is told in the history in the same transaction. */
@Service
@Transactional
public class Claims {
    private final ClaimRepository claims;
    private final ClaimNumbers numbers;
    private final ClaimPeople people;
    private final Editions editions;
    private final History history;
    private final AgencyClock clock;
    private final ApplicationEventPublisher events;

    Claims(
            ClaimRepository claims,
            ClaimNumbers numbers,
            ClaimPeople people,
            Editions editions,
            History history,
            AgencyClock clock,
            ApplicationEventPublisher events) {
        this.claims = claims;
        this.numbers = numbers;
        this.people = people;
        this.editions = editions;
        this.history = history;
        this.clock = clock;
        this.events = events;
    }

    /**
     * Makes a claim of an application that was handed in.
     *
     * @param withIt keeps what belongs to the claim and has to be there before anyone hears of it
     */
    public ClaimView receive(NewClaim wish, Consumer<UUID> withIt) {
        Claim claim = new Claim(
                UUID.randomUUID(),
                numbers.next(wish.programme().numberPrefix(), wish.file().receivedOn()),
                wish,
                ClaimPeople.householdName(wish.file()),
                ClaimPeople.searchText(wish.file()));
        claim = claims.saveAndFlush(claim);
        ClaimView view = claim.view();
        editions.add(view.id(), 1, wish.json(), Phrase.of("edition.handed-in"), clock.instant());
        people.record(view.id(), wish.file());
        withIt.accept(view.id());
        history.add(view.id(), Actor.of(wish.applicant()), "received", Phrase.of("history.received", view.number()));
        events.publishEvent(new ClaimReceived(view.id()));
        touched(view.id());
        return claim.view();
    }

    /** @throws Problem when there is no such claim */
    @Transactional(readOnly = true)
    public ClaimView claim(UUID id) {
        return find(id).view();
    }

    /** A claim of this applicant; another's looks as if it were not there. */
    @Transactional(readOnly = true)
    public ClaimView claimOf(SignedIn applicant, UUID id) {
        return claims.findById(id)
                .map(Claim::view)
                .filter(claim -> claim.applicant().equals(applicant.account()))
                .orElseThrow(Claims::noSuchClaim);
    }

    /** The applicant's claims, newest first. */
    @Transactional(readOnly = true)
    public List<ClaimView> claimsOf(SignedIn applicant) {
        return claims.findByApplicantIdOrderByReceivedAtDesc(applicant.account()).stream()
                .map(Claim::view)
                .toList();
    }

    /** The claim with which this applicant has applied for that season already, if any. */
    @Transactional(readOnly = true)
    public Optional<ClaimView> claimOfSeason(UUID applicant, Programme<?> programme, java.time.LocalDate receivedOn) {
        return programme
                .season(receivedOn)
                .flatMap(season -> claims.findOfSeason(applicant, programme.id(), season))
                .map(Claim::view);
    }

    /** Other open or decided claims of the same season that name one of the same people. */
    @Transactional(readOnly = true)
    public List<String> numbersOfOthersNaming(UUID claim) {
        return people.numbersOfOthersNaming(claim);
    }

    /** The newest edition of the application, as JSON. */
    @Transactional(readOnly = true)
    public String newestEdition(ClaimView claim) {
        return editions.read(claim.id(), claim.edition());
    }

    /** An edition of the application, from 1, as JSON. @throws Problem when there is no such edition */
    @Transactional(readOnly = true)
    public String edition(ClaimView claim, int number) {
        if (number < 1 || number > claim.edition()) {
            throw Problem.notFound(Phrase.of("problem.no-edition"));
        }
        return editions.read(claim.id(), number);
    }

    /** The id of the applicant among the members of the newest edition. */
    @Transactional(readOnly = true)
    public String applicantMember(ClaimView claim) {
        return people.applicantMember(newestEdition(claim));
    }

    /** The claim belongs to a caseworker from now on. */
    ClaimView belongTo(UUID id, UUID caseworker) {
        return change(id, claim -> {
            claim.belongTo(caseworker);
            if (claim.state() == ClaimState.RECEIVED) {
                claim.become(ClaimState.IN_REVIEW);
            }
        });
    }

    /** Whoever had the claim leaves it to others. */
    void belongToNobody(UUID id) {
        change(id, Claim::belongToNobody);
    }

    /**
     * The claim waits: it begins to, or goes on waiting for less. Where the answer may come as late as the day on which
     * the desk meant to decide, that day moves to five business days after the answer's.
     */
    public ClaimView waitFor(UUID id, Wait wait) {
        return change(id, claim -> waitFor(claim, wait));
    }

    private static void waitFor(Claim claim, Wait wait) {
        claim.waitFor(wait);
        if (!wait.until().isBefore(claim.decideBy())) {
            claim.decideAfter(wait.until());
        }
    }

    /** More time was granted: the desk's own day of decision moves to five business days after the answer's. */
    public ClaimView waitLonger(UUID id, Wait wait) {
        return change(id, claim -> {
            claim.waitFor(wait);
            claim.decideAfter(wait.until());
        });
    }

    /**
     * Nothing is left to do but to wait for someone outside the household, or that is over: a claim that somebody works on then waits,
     * and goes on.
     */
    public ClaimView holdFor(UUID id, Optional<Wait> wait) {
        Claim claim = find(id);
        boolean held = claim.view()
                .waiting()
                .filter(now -> now.on() == Wait.On.THIRD_PARTY || now.on() == Wait.On.REGISTER)
                .isPresent();
        boolean worked = claim.state() == ClaimState.IN_REVIEW || claim.state() == ClaimState.READY;
        if (wait.isPresent() && worked) {
            waitFor(claim, wait.get());
        } else if (wait.isEmpty() && held && claim.state() == ClaimState.WAITING) {
            claim.waitNoMore();
            claim.become(ClaimState.IN_REVIEW);
        }
        return claim.view();
    }

    /** All signatures are there, or no more time is left for them. */
    public void signed(UUID id) {
        change(id, Claim::signed);
    }

    /** What the claim waited for has come, or its date has passed. */
    public ClaimView comeBack(UUID id) {
        return change(id, claim -> {
            claim.waitNoMore();
            claim.comeBack(clock.instant());
            if (claim.state() == ClaimState.WAITING) {
                claim.become(ClaimState.IN_REVIEW);
            }
        });
    }

    /** A register answered: only a claim that waited for one comes back by it. */
    public void comeBackFromRegister(UUID id) {
        if (claim(id).waiting().filter(wait -> wait.on() == Wait.On.REGISTER).isPresent()) {
            comeBack(id);
        } else {
            touch(id);
        }
    }

    /** Adds an edition of the application. */
    public ClaimView addEdition(UUID id, CaseFile file, String json, Phrase because) {
        ClaimView view = change(id, claim -> {
            editions.add(id, claim.addEdition(), json, because, clock.instant());
            claim.rename(ClaimPeople.householdName(file), ClaimPeople.searchText(file));
            people.record(id, file);
        });
        events.publishEvent(new ClaimReceived(id));
        return view;
    }

    /** Adds an edition of a claim that is decided: nobody and nothing is asked about it anew. */
    public ClaimView addTold(UUID id, String json, Phrase because) {
        return change(id, claim -> editions.add(id, claim.addEdition(), json, because, clock.instant()));
    }

    /** The claim is decided, or closed as incomplete. */
    public ClaimView decide(UUID id, boolean closed) {
        ClaimView decided = change(id, claim -> claim.decided(clock.instant(), closed));
        events.publishEvent(new ClaimEnded(id));
        return decided;
    }

    /** What was decided has reached the applicant. */
    public ClaimView fulfil(UUID id) {
        return change(id, claim -> claim.become(ClaimState.FULFILLED));
    }

    /** The applicant took the claim back. */
    ClaimView withdraw(UUID id) {
        ClaimView withdrawn = change(id, Claim::withdrawn);
        events.publishEvent(new ClaimEnded(id));
        return withdrawn;
    }

    /** What could not wait was done; the rest is decided in the usual way. */
    public ClaimView noLongerUrgent(UUID id) {
        return change(id, Claim::noLongerUrgent);
    }

    /** The claim is held while misuse is looked into, decided or not; one that is held already stays so. */
    public void freeze(UUID id, Actor actor) {
        if (!claim(id).held()) {
            change(id, Claim::frozen);
            history.add(id, actor, "frozen", Phrase.of("history.frozen"));
        }
    }

    /** A claim that was held goes on. */
    public void release(UUID id, Actor actor) {
        change(id, Claim::released);
        history.add(id, actor, "released", Phrase.of("history.released"));
        events.publishEvent(new ClaimReleased(id));
    }

    /** Sets where a claim stands on the day sheet, and whether it is ready to be decided. */
    public void stand(UUID id, Standing standing, boolean ready) {
        Claim claim = find(id);
        if (claim.state() == ClaimState.IN_REVIEW && ready) {
            claim.become(ClaimState.READY);
        } else if (claim.state() == ClaimState.READY && !ready) {
            claim.become(ClaimState.IN_REVIEW);
        }
        claim.stand(standing);
        claims.saveAndFlush(claim);
    }

    /** The ids of claims that are not decided, by id, from after one on. */
    @Transactional(readOnly = true)
    public List<UUID> openAfter(UUID id, int most) {
        return claims.findOpenAfter(id, Limit.of(most));
    }

    /** A claim changed that a caseworker works on: makes their older view of it stale, and tells the day sheet. */
    public ClaimView touch(UUID id) {
        return change(id, claim -> {});
    }

    /**
     * Tells in the history what happened to a claim; part of the transaction in which it happens.
     *
     * @param kind a stable code for machines
     * @param sentence what happened, for people
     */
    public void note(UUID id, Actor actor, String kind, Phrase sentence) {
        history.add(id, actor, kind, sentence);
    }

    /** The programme a claim applies to. */
    public static Programme<?> programmeOf(ClaimView claim) {
        return Catalogue.named(claim.programme());
    }

    /**
     * Holds a claim until the transaction ends. Two that change what belongs to it, such as two registers that answer
     * at once, come one after the other, so that the last of them works out where it stands with all of it there. Rows
     * that merely point at the claim may still be added meanwhile: whoever added one and then holds the claim must not
     * wait for another who did the same.
     */
    public void hold(UUID id) {
        claims.hold(id);
    }

    private ClaimView change(UUID id, Consumer<Claim> how) {
        hold(id);
        Claim claim = find(id);
        claim.count();
        how.accept(claim);
        touched(id);
        return claims.saveAndFlush(claim).view();
    }

    private void touched(UUID id) {
        events.publishEvent(new ClaimTouched(id));
    }

    private Claim find(UUID id) {
        return claims.findById(id).orElseThrow(Claims::noSuchClaim);
    }

    private static Problem noSuchClaim() {
        return Problem.notFound(Phrase.of("problem.no-claim"));
    }
}
