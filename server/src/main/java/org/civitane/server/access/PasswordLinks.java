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
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Links with which a password can be set anew. Whether an address has an account is found out when the link is sent, long
 * after whoever asked was answered, so that neither words nor time tell it.
 */
@Component
class PasswordLinks {
    private static final TaskDescriptor<Void> SEND = TaskDescriptor.of("send-password-link");
    private static final int MOST_AT_ONCE = 5;
    private static final Duration VALID = Duration.ofHours(1);

    private final Accounts accounts;
    private final JdbcClient database;
    private final TransactionTemplate transaction;
    private final SchedulerClient jobs;
    private final PasswordMail mail;
    private final AgencyClock clock;

    PasswordLinks(
            Accounts accounts,
            JdbcClient database,
            TransactionTemplate transaction,
            SchedulerClient jobs,
            PasswordMail mail,
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
        email.flatMap(this::accountOf).flatMap(this::newTokenOf).ifPresent(token -> mail.send(ask, email.get(), token));
        database.sql("delete from password_ask where id = ?").param(ask).update();
    }

    private Optional<UUID> accountOf(String email) {
        return database.sql("select id from account where email = ?")
                .param(email)
                .query(UUID.class)
                .optional();
    }

    /** Nothing when enough were sent: nobody's mailbox is filled by whoever types their address again and again. */
    private Optional<String> newTokenOf(UUID account) {
        return transaction.execute(status -> {
            accounts.hold(account);
            int sent = database.sql("select count(*) from password_link where account_id = ? and made_at > ?")
                    .params(account, Timestamp.from(clock.instant().minus(VALID)))
                    .query(Integer.class)
                    .single();
            if (sent >= MOST_AT_ONCE) {
                return Optional.empty();
            }
            String token = Digest.newToken();
            database.sql("insert into password_link (token_digest, account_id, made_at) values (?, ?, ?)")
                    .params(Digest.of(token), account, now())
                    .update();
            return Optional.of(token);
        });
    }

    /** Whose a link is, as long as it holds and was not used. */
    Optional<UUID> accountBy(String token) {
        return database.sql(
                        "select account_id from password_link where token_digest = ? and used_at is null and made_at > ?")
                .params(Digest.of(token), Timestamp.from(clock.instant().minus(VALID)))
                .query(UUID.class)
                .optional();
    }

    /** Neither it nor any other link of its owner holds any more. @return whether it held until now */
    boolean use(String token, UUID account) {
        int used = database.sql("update password_link set used_at = ? where token_digest = ? and used_at is null")
                .params(now(), Digest.of(token))
                .update();
        database.sql("update password_link set used_at = ? where account_id = ? and used_at is null")
                .params(now(), account)
                .update();
        return used > 0;
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
    }
}
