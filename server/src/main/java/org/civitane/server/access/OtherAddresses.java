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
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Addresses other than that of an account at which its owner wants word: each is asked once whether it is theirs, and
 * nothing else goes there before it has answered.
 */
@Service
@Transactional
public class OtherAddresses {
    private static final TaskDescriptor<Void> ASK = TaskDescriptor.of("ask-address");
    private static final Duration VALID = Duration.ofDays(7);
    private static final int MOST = 10;

    private final Accounts accounts;
    private final AccountMail mail;
    private final SchedulerClient jobs;
    private final JdbcClient database;
    private final AgencyClock clock;

    OtherAddresses(Accounts accounts, AccountMail mail, SchedulerClient jobs, JdbcClient database, AgencyClock clock) {
        this.accounts = accounts;
        this.mail = mail;
        this.jobs = jobs;
        this.database = database;
        this.clock = clock;
    }

    /**
     * Where word to the owner of an account may go.
     *
     * @param given where they want it; empty when they said nothing
     * @return what is given, once it said that it is theirs, else the account's own address; empty when it has none
     */
    @Transactional(readOnly = true)
    public String addressFor(UUID account, String given) {
        SignedIn owner = accounts.account(account);
        String own = owner.email().contains("@") ? owner.email() : "";
        return given.isEmpty() || !isConfirmed(owner, given) ? own : given;
    }

    private boolean isConfirmed(SignedIn owner, String email) {
        String address = Accounts.normalised(email);
        return address.equals(owner.email())
                || database.sql(
                                        "select count(*) from other_address where account_id = ? and email = ? and confirmed_at is not null")
                                .params(owner.account(), address)
                                .query(Integer.class)
                                .single()
                        > 0;
    }

    /** Asks an address whether it is its owner's, unless it was asked within the week or enough were. */
    public void ask(UUID account, String email) {
        SignedIn owner = accounts.account(account);
        String address = Accounts.normalised(email);
        if (address.isEmpty() || isConfirmed(owner, address)) {
            return;
        }
        int others = database.sql("select count(*) from other_address where account_id = ? and email <> ?")
                .params(owner.account(), address)
                .query(Integer.class)
                .single();
        if (others < MOST) {
            int asked = database.sql("""
                            insert into other_address (account_id, email, asked_at) values (?, ?, ?)
                            on conflict (account_id, email) do update set asked_at = excluded.asked_at, token_digest = ''
                              where other_address.confirmed_at is null and other_address.asked_at < ?""")
                    .params(
                            owner.account(),
                            address,
                            now(),
                            Timestamp.from(clock.instant().minus(VALID)))
                    .update();
            if (asked > 0) {
                jobs.scheduleIfNotExists(
                        ASK.instance(owner.account() + " " + address).scheduledTo(clock.instant()));
            }
        }
    }

    void send(String instance) {
        int blank = instance.indexOf(' ');
        UUID account = UUID.fromString(instance.substring(0, blank));
        String address = instance.substring(blank + 1);
        String token = Digest.newToken();
        int waiting = database.sql(
                        "update other_address set token_digest = ? where account_id = ? and email = ? and confirmed_at is null")
                .params(Digest.of(token), account, address)
                .update();
        if (waiting > 0) {
            mail.send(
                    UUID.randomUUID(), address, AccountMail.Word.OTHER_ADDRESS, mail.page("/confirm-address#" + token));
        }
    }

    /** @throws Problem when the link does not hold; opened again, it still says yes */
    void confirm(String token) {
        int confirmed = database.sql("""
                        update other_address set confirmed_at = coalesce(confirmed_at, ?)
                        where token_digest = ? and token_digest <> '' and asked_at > ?""")
                .params(now(), Digest.of(token), Timestamp.from(clock.instant().minus(VALID)))
                .update();
        if (confirmed == 0) {
            throw Problem.invalid("token", Phrase.of("account.address-over"));
        }
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }

    @Configuration(proxyBeanMethods = false)
    static class OtherAddressTasks {
        @Bean
        OneTimeTask<Void> askAddress(
                ObjectProvider<OtherAddresses> addresses, @Value("${civitane.register-pause:5s}") Duration firstPause) {
            return Tasks.oneTime(ASK)
                    .onFailure(new RetryWithPauses<>(firstPause))
                    .execute((instance, context) -> addresses.getObject().send(instance.getId()));
        }
    }
}
