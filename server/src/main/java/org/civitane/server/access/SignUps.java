package org.civitane.server.access;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.sql.Timestamp;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Digest;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.RetryWithPauses;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Signing up: the account is made once the code is typed that was sent to its address. Whether anybody has that address is
 * found out when the code leaves, so neither words nor time tell it to whoever asks; the one who has it is told by mail.
 */
@Service
class SignUps {
    private static final TaskDescriptor<Void> SEND = TaskDescriptor.of("send-sign-up-code");
    private static final Duration VALID = Duration.ofMinutes(30);
    private static final int MOST_TRIES = 5;

    private final Accounts accounts;
    private final Tries tries;
    private final AccountMail mail;
    private final SchedulerClient jobs;
    private final JdbcClient database;
    private final TransactionTemplate each;
    private final AgencyClock clock;

    SignUps(
            Accounts accounts,
            Tries tries,
            AccountMail mail,
            SchedulerClient jobs,
            JdbcClient database,
            TransactionTemplate each,
            AgencyClock clock) {
        this.accounts = accounts;
        this.tries = tries;
        this.mail = mail;
        this.jobs = jobs;
        this.database = database;
        this.each = each;
        this.clock = clock;
    }

    /**
     * Someone wants an account.
     *
     * @return by which whoever asked goes on, and nobody else
     * @throws Problem at what cannot stand, or when too many were asked for from there
     */
    @Transactional
    public String ask(String email, String displayName, String password, Tries.From from) {
        Account wanted = accounts.wanted(email, displayName, password, Role.APPLICANT);
        tries.signUp(from.network());
        UUID id = UUID.randomUUID();
        String token = Digest.newToken();
        SignedIn who = wanted.signedIn();
        database.sql("""
                        insert into sign_up_wish (id, token_digest, email, display_name, password_hash, at)
                        values (?, ?, ?, ?, ?, ?)""")
                .params(id, Digest.of(token), who.email(), who.displayName(), wanted.passwordHash(), now())
                .update();
        jobs.scheduleIfNotExists(SEND.instance(id.toString()).scheduledTo(clock.instant()));
        return token;
    }

    /** Sends the code; whoever has an account with that address is told that someone asked for another. */
    void send(UUID id) {
        Optional<String> email = database.sql("select email from sign_up_wish where id = ? and at > ?")
                .params(id, since())
                .query(String.class)
                .optional();
        if (email.isEmpty()) {
            return;
        }
        if (accounts.find(email.get()).isPresent()) {
            mail.send(id, email.get(), AccountMail.Word.SIGN_UP_AGAIN, mail.page("/forgotten"));
            return;
        }
        String code = Digest.newCode();
        database.sql("update sign_up_wish set code_digest = ? where id = ?")
                .params(Digest.of(id + code), id)
                .update();
        mail.send(id, email.get(), AccountMail.Word.SIGN_UP_CODE, code);
    }

    private record Wish(UUID id, String email, String displayName, String passwordHash, String codeDigest, int tries) {}

    /**
     * Makes the account.
     *
     * @param code as it was typed
     * @throws Problem when it is not the code, or too many were tried; what was tried stays counted
     */
    public SignedIn confirm(String token, String code) {
        Wish wish = each.execute(status -> proven(token, code))
                .orElseThrow(() -> Problem.invalid("code", Phrase.of("account.code-wrong")));
        return each.execute(status -> made(wish));
    }

    /** What somebody wished who types the code that was sent; another code is counted. */
    private Optional<Wish> proven(String token, String code) {
        Wish wish = database.sql("""
                        select id, email, display_name, password_hash, code_digest, tries from sign_up_wish
                        where token_digest = ? and at > ? for update""")
                .params(Digest.of(token), since())
                .query(Wish.class)
                .optional()
                .filter(each -> each.tries() < MOST_TRIES)
                .orElseThrow(() -> Problem.invalid("code", Phrase.of("account.sign-up-over")));
        if (!Digest.of(wish.id() + code.replaceAll("\\s", "")).equals(wish.codeDigest())) {
            database.sql("update sign_up_wish set tries = tries + 1 where id = ?")
                    .param(wish.id())
                    .update();
            return Optional.empty();
        }
        return Optional.of(wish);
    }

    private SignedIn made(Wish wish) {
        boolean isFirst = database.sql("delete from sign_up_wish where id = ?")
                        .param(wish.id())
                        .update()
                > 0;
        if (!isFirst) {
            throw Problem.invalid("code", Phrase.of("account.sign-up-over"));
        }
        return accounts.made(wish.email(), wish.displayName(), wish.passwordHash());
    }

    private Timestamp since() {
        return Timestamp.from(clock.instant().minus(VALID));
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }

    @Configuration(proxyBeanMethods = false)
    static class SignUpTasks {
        @Bean
        OneTimeTask<Void> sendSignUpCode(
                ObjectProvider<SignUps> signUps, @Value("${civitane.register-pause:5s}") Duration firstPause) {
            return Tasks.oneTime(SEND)
                    .onFailure(new RetryWithPauses<>(firstPause))
                    .execute((instance, context) -> signUps.getObject().send(UUID.fromString(instance.getId())));
        }
    }
}
