package org.civitane.server.access;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.sql.Timestamp;
import java.time.Duration;
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
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Codes of six digits that are sent to whoever signs in; made when they leave, good once and for ten minutes. */
@Component
class SentCodes {
    private static final TaskDescriptor<Void> SEND = TaskDescriptor.of("send-code");
    private static final Duration VALID = Duration.ofMinutes(10);
    private static final Duration COUNTED = Duration.ofHours(1);
    private static final int MOST = 6;

    private final Accounts accounts;
    private final FactorStore factors;
    private final AccountMail mail;
    private final SchedulerClient jobs;
    private final JdbcClient database;
    private final AgencyClock clock;

    SentCodes(
            Accounts accounts,
            FactorStore factors,
            AccountMail mail,
            SchedulerClient jobs,
            JdbcClient database,
            AgencyClock clock) {
        this.accounts = accounts;
        this.factors = factors;
        this.mail = mail;
        this.jobs = jobs;
        this.database = database;
        this.clock = clock;
    }

    /** @throws Problem when enough were sent within the hour */
    @Transactional
    public void send(SecondFactor factor) {
        UUID account = factor.account();
        accounts.hold(account);
        int sent = database.sql("select count(*) from sent_code where account_id = ? and at > ?")
                .params(account, Timestamp.from(clock.instant().minus(COUNTED)))
                .query(Integer.class)
                .single();
        if (sent >= MOST) {
            throw Problem.tooMany(Phrase.of("account.codes-enough"), COUNTED);
        }
        UUID id = UUID.randomUUID();
        database.sql("insert into sent_code (id, account_id, factor_id, at) values (?, ?, ?, ?)")
                .params(id, account, factor.id(), Timestamp.from(clock.instant()))
                .update();
        jobs.scheduleIfNotExists(SEND.instance(id.toString()).scheduledTo(clock.instant()));
    }

    void sendNow(UUID id) {
        UUID wanted = database.sql("select factor_id from sent_code where id = ?")
                .param(id)
                .query(UUID.class)
                .single();
        factors.byId(wanted).ifPresent(factor -> {
            String code = Digest.newCode();
            database.sql("update sent_code set digest = ? where id = ?")
                    .params(Digest.of(id + code), id)
                    .update();
            switch (factor.kind()) {
                case EMAIL ->
                    mail.send(id, accounts.account(factor.account()).email(), AccountMail.Word.SIGN_IN_CODE, code);
                case TEXT -> mail.text(id, factor.phone(), AccountMail.Word.SIGN_IN_CODE, code);
                case APP -> throw new IllegalStateException("Impossible state: an app is sent no code.");
            }
        });
    }

    /** @return whether it is one that was sent within ten minutes and not used */
    boolean use(SecondFactor factor, String code) {
        return database
                .sql("select id from sent_code where factor_id = ? and used_at is null and digest <> '' and at > ?")
                .params(factor.id(), Timestamp.from(clock.instant().minus(VALID)))
                .query(UUID.class)
                .list()
                .stream()
                .anyMatch(id ->
                        database.sql("update sent_code set used_at = ? where id = ? and digest = ? and used_at is null")
                                        .params(Timestamp.from(clock.instant()), id, Digest.of(id + code))
                                        .update()
                                > 0);
    }

    @Configuration(proxyBeanMethods = false)
    static class SentCodeTasks {
        @Bean
        OneTimeTask<Void> sendCode(
                ObjectProvider<SentCodes> codes, @Value("${civitane.register-pause:5s}") Duration firstPause) {
            return Tasks.oneTime(SEND)
                    .onFailure(new RetryWithPauses<>(firstPause))
                    .execute((instance, context) -> codes.getObject().sendNow(UUID.fromString(instance.getId())));
        }
    }
}
