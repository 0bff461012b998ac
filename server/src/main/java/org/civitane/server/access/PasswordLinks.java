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
import org.civitane.server.platform.RetryWithPauses;
import org.civitane.server.platform.UnguessableNumber;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Links and codes with which a password can be set, once. Whether an address has an account is found out when the link is sent, long
 * after whoever asked was answered, so that neither words nor time tell it.
 */
@Component
class PasswordLinks {
    private static final TaskDescriptor<Void> SEND = TaskDescriptor.of("send-password-link");
    private static final TaskDescriptor<Void> INVITE = TaskDescriptor.of("send-invitation");
    static final int DAYS_ON_PAPER = 30;
    private static final int MOST_AT_ONCE = 5;

    private enum Purpose {
        FORGOTTEN(Duration.ofHours(1)),
        INVITED(Duration.ofDays(7)),
        AT_THE_COUNTER(Duration.ofDays(DAYS_ON_PAPER));

        private final Duration valid;

        Purpose(Duration valid) {
            this.valid = valid;
        }
    }

    private final Accounts accounts;
    private final JdbcClient database;
    private final TransactionTemplate transaction;
    private final SchedulerClient jobs;
    private final AccountMail mail;
    private final AgencyClock clock;

    PasswordLinks(
            Accounts accounts,
            JdbcClient database,
            TransactionTemplate transaction,
            SchedulerClient jobs,
            AccountMail mail,
            AgencyClock clock) {
        this.accounts = accounts;
        this.database = database;
        this.transaction = transaction;
        this.jobs = jobs;
        this.mail = mail;
        this.clock = clock;
    }

    /** Someone asks for a link under an address, which may be nobody's. */
    void ask(String email, String network) {
        UUID id = UUID.randomUUID();
        database.sql("insert into password_ask (id, email, address, at) values (?, ?, ?, ?)")
                .params(id, email, network, now())
                .update();
        jobs.scheduleIfNotExists(SEND.instance(id.toString()).scheduledTo(clock.instant()));
    }

    private void send(UUID ask) {
        Optional<String> email = database.sql("select email from password_ask where id = ?")
                .param(ask)
                .query(String.class)
                .optional();
        email.flatMap(this::openAccountOf)
                .flatMap(account -> newTokenOf(account, Purpose.FORGOTTEN))
                .ifPresent(token ->
                        mail.send(ask, email.get(), AccountMail.Word.FORGOTTEN, mail.page("/new-password#" + token)));
        database.sql("delete from password_ask where id = ?").param(ask).update();
    }

    private Optional<UUID> openAccountOf(String email) {
        return database.sql("select id from account where email = ? and state = 'OPEN'")
                .param(email)
                .query(UUID.class)
                .optional();
    }

    /** Nothing when enough were sent: nobody's mailbox is filled by whoever types their address again and again. */
    private Optional<String> newTokenOf(UUID account, Purpose purpose) {
        return transaction.execute(status -> {
            accounts.hold(account);
            int sent = database.sql("select count(*) from password_link where account_id = ? and made_at > ?")
                    .params(account, Timestamp.from(clock.instant().minus(Purpose.FORGOTTEN.valid)))
                    .query(Integer.class)
                    .single();
            if (sent >= MOST_AT_ONCE) {
                return Optional.empty();
            }
            String token = Digest.newToken();
            keep(token, account, purpose);
            return Optional.of(token);
        });
    }

    private void keep(String token, UUID account, Purpose purpose) {
        database.sql("""
                        insert into password_link (token_digest, account_id, made_at, purpose, valid_until)
                        values (?, ?, ?, ?, ?)""")
                .params(
                        Digest.of(token),
                        account,
                        now(),
                        purpose.name(),
                        Timestamp.from(clock.instant().plus(purpose.valid)))
                .update();
    }

    /** Sends someone whose account was made for them the link with which they set their password. */
    void invite(SignedIn who) {
        jobs.scheduleIfNotExists(INVITE.instance(who.account().toString()).scheduledTo(clock.instant()));
    }

    private void sendInvitation(UUID account) {
        newTokenOf(account, Purpose.INVITED)
                .ifPresent(token -> mail.send(
                        UUID.randomUUID(),
                        accounts.account(account).email(),
                        AccountMail.Word.INVITED,
                        mail.page("/new-password#" + token)));
    }

    /** A code on paper with which someone at the counter sets their password; one made before does not hold any more. */
    String onPaper(UUID account) {
        String code = UnguessableNumber.next();
        use("", account);
        keep(code, account, Purpose.AT_THE_COUNTER);
        return code;
    }

    /** Whose a link is, as long as it holds and was not used. */
    Optional<UUID> accountBy(String token) {
        return database.sql(
                        "select account_id from password_link where token_digest = ? and used_at is null and valid_until > ?")
                .params(digest(token), now())
                .query(UUID.class)
                .optional();
    }

    /** Neither it nor any other link of its owner holds any more. @return whether it held until now */
    boolean use(String token, UUID account) {
        int used = database.sql("update password_link set used_at = ? where token_digest = ? and used_at is null")
                .params(now(), digest(token))
                .update();
        database.sql("update password_link set used_at = ? where account_id = ? and used_at is null")
                .params(now(), account)
                .update();
        return used > 0;
    }

    /** A code on paper is the same however it is typed. */
    private static String digest(String token) {
        return Digest.of(UnguessableNumber.typed(token).orElse(token));
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }

    @Configuration(proxyBeanMethods = false)
    static class PasswordLinkTasks {
        @Bean
        OneTimeTask<Void> sendPasswordLink(
                ObjectProvider<PasswordLinks> links, @Value("${civitane.register-pause:5s}") Duration firstPause) {
            return Tasks.oneTime(SEND)
                    .onFailure(new RetryWithPauses<>(firstPause))
                    .execute((instance, context) -> links.getObject().send(UUID.fromString(instance.getId())));
        }

        @Bean
        OneTimeTask<Void> sendInvitation(
                ObjectProvider<PasswordLinks> links, @Value("${civitane.register-pause:5s}") Duration firstPause) {
            return Tasks.oneTime(INVITE)
                    .onFailure(new RetryWithPauses<>(firstPause))
                    .execute(
                            (instance, context) -> links.getObject().sendInvitation(UUID.fromString(instance.getId())));
        }
    }
}
