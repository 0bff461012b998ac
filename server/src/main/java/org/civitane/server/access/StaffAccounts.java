package org.civitane.server.access;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Accounts of staff, in the hands of supervisors: nobody changes their own, and what makes, unmakes or closes a supervisor
 * needs a second one who agrees. Whoever's role changes, or whose account is closed, is signed out everywhere.
 */
@Service
@Transactional
class StaffAccounts {
    private final Accounts accounts;
    private final AccountBook book;
    private final PasswordLinks links;
    private final OwnSessions sessions;
    private final SecondFactors factors;
    private final ObjectProvider<OpenWork> work;

    StaffAccounts(
            Accounts accounts,
            AccountBook book,
            PasswordLinks links,
            OwnSessions sessions,
            SecondFactors factors,
            ObjectProvider<OpenWork> work) {
        this.accounts = accounts;
        this.book = book;
        this.links = links;
        this.sessions = sessions;
        this.factors = factors;
        this.work = work;
    }

    @Transactional(readOnly = true)
    public List<AccountBook.StaffAccount> all() {
        return book.staff();
    }

    /**
     * Makes an account and sends its owner the link with which they set their password. A supervisor begins as caseworker
     * until a second supervisor agrees.
     *
     * @throws Problem when the address is taken or none, or the role is none of staff
     */
    public void make(String email, String name, Role role, SignedIn by) {
        staffRole(role);
        boolean isSupervisor = role == Role.SUPERVISOR;
        SignedIn made = accounts.madeFor(Accounts.address(email), name, isSupervisor ? Role.CASEWORKER : role);
        book.note(made.account(), by, AccountBook.Deed.MADE, made.role().name());
        if (isSupervisor) {
            ask(made, Optional.of(role), by);
        }
        links.invite(made);
    }

    /** @throws Problem when it is one's own, or something is asked for it already */
    public void become(UUID id, Role role, SignedIn by) {
        staffRole(role);
        SignedIn of = anothers(id, by);
        if (of.role() == role) {
            return;
        }
        if (of.role() == Role.SUPERVISOR || role == Role.SUPERVISOR) {
            ask(of, Optional.of(role), by);
        } else {
            change(of, Optional.of(role), by);
        }
    }

    /** @throws Problem when it is one's own, or claims that are not decided still belong to it */
    public void close(UUID id, SignedIn by) {
        SignedIn of = anothers(id, by);
        noOpenWork(of);
        if (of.role() == Role.SUPERVISOR) {
            ask(of, Optional.empty(), by);
        } else {
            change(of, Optional.empty(), by);
        }
    }

    /** Takes away the second step of someone who lost what they showed; they set up another when they sign in. */
    public void removeStep(UUID id, SignedIn by) {
        SignedIn of = anothers(id, by);
        factors.remove(of.account());
        sessions.endOthers(of.getName(), "");
        book.note(of.account(), by, AccountBook.Deed.STEP_REMOVED, "");
    }

    /** A second supervisor agrees, or does not. @throws Problem when it is their own wish or account, or was settled */
    public void settle(UUID id, boolean agreed, SignedIn by) {
        SignedIn of = anothers(id, by);
        AccountBook.Change change = book.staff().stream()
                .filter(each -> each.id().equals(id))
                .flatMap(each -> each.change().stream())
                .findFirst()
                .orElseThrow(() -> Problem.conflict("nothing-asked", Phrase.of("account.nothing-asked")));
        if (agreed && change.askedBy().equals(by.account())) {
            throw Problem.forbidden("second-person", Phrase.of("account.second-person"));
        }
        if (!book.settle(change.id(), agreed ? "AGREED" : "REFUSED", by)) {
            throw Problem.conflict("nothing-asked", Phrase.of("account.nothing-asked"));
        }
        if (!agreed) {
            book.note(id, by, AccountBook.Deed.REFUSED, "");
            return;
        }
        if (change.role().isEmpty()) {
            noOpenWork(of);
        }
        change(of, change.role(), by);
    }

    private void ask(SignedIn of, Optional<Role> role, SignedIn by) {
        if (!book.ask(of.account(), role, by)) {
            throw Problem.conflict("asked-already", Phrase.of("account.asked-already"));
        }
        book.note(of.account(), by, AccountBook.Deed.ASKED, role.map(Role::name).orElse(""));
    }

    /** @param role empty to close it */
    private void change(SignedIn of, Optional<Role> role, SignedIn by) {
        if (role.isPresent()) {
            book.become(of.account(), role.get());
            book.note(of.account(), by, AccountBook.Deed.ROLE, role.get().name());
        } else {
            book.close(of.account());
            book.note(of.account(), by, AccountBook.Deed.CLOSED, "");
        }
        sessions.endOthers(of.getName(), "");
    }

    private void noOpenWork(SignedIn of) {
        int open = work.stream().mapToInt(each -> each.of(of.account())).sum();
        if (open > 0) {
            throw Problem.conflict("open-claims", Phrase.of("account.open-claims", of.displayName(), open));
        }
    }

    private SignedIn anothers(UUID id, SignedIn by) {
        accounts.hold(id);
        SignedIn of = accounts.account(id);
        if (!of.role().isStaff()) {
            throw Problem.notFound(Phrase.of("account.none"));
        }
        if (of.account().equals(by.account())) {
            throw Problem.forbidden("own-account", Phrase.of("account.not-own"));
        }
        return of;
    }

    private static void staffRole(Role role) {
        if (!role.isStaff()) {
            throw Problem.invalid("role", Phrase.of("account.staff-role"));
        }
    }
}
