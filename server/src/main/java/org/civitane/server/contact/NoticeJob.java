package org.civitane.server.contact;

import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import org.civitane.server.platform.RetryWithPauses;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.MediaType;
import org.springframework.web.client.RestClient;

/**
 * The job that hands word to the carrier. The carrier knows a word by its id, so one that is handed over twice, since
 * the process died in between, is carried once.
 */
@Configuration(proxyBeanMethods = false)
class NoticeJob {
    static final TaskDescriptor<Void> TASK = TaskDescriptor.of("send-notice");

    @Bean
    OneTimeTask<Void> sendNotice(
            ObjectProvider<Notices> notices,
            ObjectProvider<Secrets> secrets,
            RestClient.Builder http,
            @Value("${civitane.carrier}") String address,
            @Value("${civitane.register-key}") String key,
            @Value("${civitane.register-pause:5s}") Duration firstPause) {
        RestClient carrier =
                http.baseUrl(address).defaultHeader("X-Register-Key", key).build();
        return Tasks.oneTime(TASK)
                .onFailure(new RetryWithPauses<>(firstPause))
                .execute((instance, context) ->
                        send(UUID.fromString(instance.getId()), notices.getObject(), secrets.getObject(), carrier));
    }

    private static void send(UUID id, Notices notices, Secrets secrets, RestClient carrier) {
        notices.queued(id).ifPresent(notice -> {
            String body = notice.secretOf()
                    .map(of -> secrets.fill(of, notice.channel(), notice.body()))
                    .orElse(notice.body());
            carrier.post()
                    .uri("/messages")
                    .contentType(MediaType.APPLICATION_JSON)
                    .body(Map.of(
                            "id",
                            notice.id(),
                            "channel",
                            notice.channel(),
                            "recipient",
                            notice.recipient(),
                            "subject",
                            notice.subject(),
                            "body",
                            body))
                    .retrieve()
                    .toBodilessEntity();
            notices.sent(id);
        });
    }
}
