package org.civitane.server.registers;

import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.UUID;
import org.civitane.server.platform.RetryWithPauses;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The job that asks a register. A register that stays silent is asked again by itself, with growing pauses. */
@Configuration(proxyBeanMethods = false)
class RegisterJob {
    static final TaskDescriptor<Void> TASK = TaskDescriptor.of("ask-register");
    private static final Logger LOG = LoggerFactory.getLogger(RegisterJob.class);

    @Bean
    OneTimeTask<Void> askRegister(
            ObjectProvider<Registers> registers,
            ObjectProvider<RegisterClient> client,
            @Value("${civitane.register-pause:5s}") Duration firstPause) {
        return Tasks.oneTime(TASK)
                .onFailure(new RetryWithPauses<>(firstPause))
                .execute((instance, context) ->
                        ask(UUID.fromString(instance.getId()), registers.getObject(), client.getObject()));
    }

    private static void ask(UUID id, Registers registers, RegisterClient client) {
        RegisterRequest request = registers.request(id).orElse(null);
        if (request == null || !request.isAwaited()) {
            return;
        }
        try {
            registers.answered(id, client.ask(request.register(), request.question()));
        } catch (RegisterClient.Silent e) {
            LOG.info(
                    "The {} register did not answer, attempt {}: {}",
                    request.register().id(),
                    request.attempts() + 1,
                    e.getMessage());
            registers.silent(request, 1);
            throw e;
        } catch (Breakers.Resting e) {
            registers.silent(request, 0);
            throw e;
        }
    }
}
