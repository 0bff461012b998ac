package org.civitane.server.access;

import java.util.Locale;
import java.util.Optional;
import org.civitane.core.person.Names;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.SquareCode;
import org.civitane.server.platform.UnguessableNumber;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Accounts that a caseworker starts for someone at the counter who has no mail: they sign in with a name that is made for
 * them, and set their password with a code on paper, which nobody else has seen for longer than it is on the screen.
 */
@Service
@Transactional
class CounterAccounts {
    private static final int SIGNS = 4;

    private final Accounts accounts;
    private final PasswordLinks links;
    private final AccountBook book;
    private final AccountMail mail;
    private final OwnSessions sessions;
    private final ApplicationEventPublisher events;

    CounterAccounts(
            Accounts accounts,
            PasswordLinks links,
            AccountBook book,
            AccountMail mail,
            OwnSessions sessions,
            ApplicationEventPublisher events) {
        this.accounts = accounts;
        this.links = links;
        this.book = book;
        this.mail = mail;
        this.sessions = sessions;
        this.events = events;
    }

    /**
     * What is printed.
     *
     * @param page where the password is set
     * @param picture a square code that leads there with the code
     * @param days for how many days it holds
     */
    record PaperForHolder(String name, String signInName, String code, String page, String picture, int days) {}

    PaperForHolder start(String displayName, SignedIn by) {
        SignedIn made = accounts.madeFor(newName(displayName), displayName, Role.APPLICANT);
        return paper(made, by, false);
    }

    /**
     * Another code for someone who lost theirs, or their password; whoever is signed in with the account is not any more, and
     * its holder is told.
     */
    PaperForHolder anew(String signInName, SignedIn by) {
        SignedIn who = Optional.of(signInName)
                .filter(name -> !name.contains("@"))
                .flatMap(accounts::find)
                .filter(each -> each.role() == Role.APPLICANT)
                .orElseThrow(() -> Problem.invalid("signInName", Phrase.of("account.no-such-name")));
        accounts.hold(who.account());
        sessions.endOthers(who.getName(), "");
        return paper(who, by, true);
    }

    private PaperForHolder paper(SignedIn who, SignedIn by, boolean again) {
        String code = links.onPaper(who.account());
        book.note(who.account(), by, AccountBook.Deed.PAPER, "");
        events.publishEvent(new CodePrinted(who, by, again));
        return new PaperForHolder(
                who.displayName(),
                who.email(),
                code,
                mail.page("/new-password"),
                SquareCode.inline(mail.page("/new-password#" + code)),
                PasswordLinks.DAYS_ON_PAPER);
    }

    /** The first name in plain letters, and signs that make it the only one. */
    private String newName(String displayName) {
        String first =
                Names.tokens(displayName).stream().findFirst().orElse("guest").toLowerCase(Locale.ROOT);
        String signs =
                UnguessableNumber.next().replace("-", "").substring(0, SIGNS).toLowerCase(Locale.ROOT);
        String name = first + "-" + signs;
        return accounts.find(name).isPresent() ? newName(displayName) : name;
    }
}
