package org.civitane.server.access;

import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** An applicant closes their account: whatever still rests on it is told in the same transaction. */
@Service
class Closing {
    private final Accounts accounts;
    private final AccountBook book;
    private final OwnSessions sessions;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transaction;

    Closing(
            Accounts accounts,
            AccountBook book,
            OwnSessions sessions,
            ApplicationEventPublisher events,
            TransactionTemplate transaction) {
        this.accounts = accounts;
        this.book = book;
        this.sessions = sessions;
        this.events = events;
        this.transaction = transaction;
    }

    /** @throws org.civitane.server.platform.Problem when the password is not theirs */
    void close(SignedIn who, String password, Tries.From from) {
        accounts.confirmOwn(who, password, from);
        transaction.executeWithoutResult(status -> {
            accounts.hold(who.account());
            book.close(who.account());
            book.note(who.account(), who, AccountBook.Deed.CLOSED, "");
            events.publishEvent(new AccountClosed(who));
        });
        sessions.endOthers(who.getName(), "");
    }
}
