package org.civitane.server.access;

import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.time.LocalTime;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Each night: who tried what from where is forgotten once it slows down nobody any more. */
@Configuration(proxyBeanMethods = false)
class OldTries {
    private static final LocalTime NIGHT = LocalTime.of(3, 40);
    private static final List<String> OLD = List.of(
            "delete from login_failure where at < now() - interval '1 day'",
            "delete from sign_up where at < now() - interval '1 day'",
            "delete from password_ask where at < now() - interval '1 day'",
            "delete from password_link where valid_until < now() - interval '1 day'",
            "delete from sent_code where at < now() - interval '1 day'",
            "delete from sign_up_wish where at < now() - interval '1 day'",
            "delete from second_factor where confirmed_at is null and begun_at < now() - interval '1 day'",
            "delete from sign_in where at < now() - interval '1 year'",
            "delete from known_device where used_at < now() - interval '1 year'");

    @Bean
    RecurringTask<Void> forgetTriesTask(JdbcClient database) {
        return Tasks.recurring("forget-tries", Schedules.daily(NIGHT))
                .execute((instance, context) ->
                        OLD.forEach(each -> database.sql(each).update()));
    }
}
