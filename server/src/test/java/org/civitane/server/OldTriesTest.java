package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.TaskInstanceId;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import java.time.Instant;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.Test;

/** Who tried what from where is not kept for longer than it slows anybody down. */
public class OldTriesTest extends ServerTest {
    @Autowired
    private SchedulerClient jobs;

    @Autowired
    private JdbcClient database;

    @Test
    public void theNightForgetsWhatIsOldAndKeepsWhatIsNot() {
        String address = "198.51.100." + UUID.randomUUID();
        tried(address, "2 days");
        tried(address, "1 hour");
        jobs.reschedule(TaskInstanceId.of("forget-tries", RecurringTask.INSTANCE), Instant.now());
        await("what is old is forgotten", () -> known(address) == 1);
        assertThat(database.sql("select at > now() - interval '2 hours' from login_failure where address = ?")
                        .param(address)
                        .query(Boolean.class)
                        .single())
                .isTrue();
    }

    private void tried(String address, String ago) {
        database.sql(
                        "insert into login_failure (email, address, device, at) values ('x', ?, '', now() - cast(? as interval))")
                .params(address, ago)
                .update();
    }

    private int known(String address) {
        return database.sql("select count(*) from login_failure where address = ?")
                .param(address)
                .query(Integer.class)
                .single();
    }
}
