package org.civitane.server.access;

import java.util.UUID;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A new password in place of one that is forgotten or known: by a link, once, or by whoever knows the one before. */
@Service
class NewPasswords {
    private final Accounts accounts;
    private final Passwords passwords;
    private final PasswordLinks links;
    private final OwnSessions sessions;
    private final Tries tries;
    private final JdbcClient database;

    NewPasswords(
            Accounts accounts,
            Passwords passwords,
            PasswordLinks links,
            OwnSessions sessions,
            Tries tries,
            JdbcClient database) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.links = links;
        this.sessions = sessions;
        this.tries = tries;
        this.database = database;
    }

    /** @throws Problem when too many were asked for from there */
    void askForLink(String email, Tries.From from) {
        tries.askForLink(from.network());
        links.ask(Accounts.normalised(email), from.network());
    }

    /** Whoever was signed in with the old password is not any more. @throws Problem when the link does not hold */
    @Transactional
    void setByLink(String token, String password) {
        UUID account = links.accountBy(token).orElseThrow(NewPasswords::linkIsOver);
        SignedIn who = accounts.account(account);
        passwords.check(password, who.email(), who.displayName());
        if (!links.use(token, account)) {
            throw linkIsOver();
        }
        set(who, password);
        tries.forget(who.email());
        sessions.endOthers(who.getName(), "");
    }

    private static Problem linkIsOver() {
        return Problem.invalid("token", Phrase.of("password.link-over"));
    }

    /** @throws Problem when the one before is not right, or the new one can be guessed */
    void change(SignedIn who, String before, String password, Tries.From from) {
        if (accounts.authenticate(who.email(), before, from).isEmpty()) {
            throw Problem.invalid("before", Phrase.of("password.before"));
        }
        passwords.check(password, who.email(), who.displayName());
        set(who, password);
    }

    private void set(SignedIn who, String password) {
        database.sql("update account set password_hash = ? where id = ?")
                .params(passwords.hash(password), who.account())
                .update();
    }
}
