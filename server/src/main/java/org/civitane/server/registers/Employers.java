package org.civitane.server.registers;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Service;
import org.springframework.web.client.RestClient;
import org.springframework.web.client.RestClientException;

/** Asks the register of employers who is called like that. Whoever works there has the last word, so silence is no fault. */
@Service
public class Employers {
    private static final String NAME = "employers";

    private final RestClient http;
    private final Breakers breakers;

    Employers(
            RestClient.Builder builder,
            @Value("${civitane.employer-register}") String address,
            @Value("${civitane.register-key}") String key,
            Breakers breakers) {
        this.breakers = breakers;
        this.http =
                builder.baseUrl(address).defaultHeader("X-Register-Key", key).build();
    }

    /** An employer as the register has them. @param place where they have their seat */
    public record Employer(String name, String place) {}

    private record Answer(List<Employer> employers) {}

    /** Those whose name is like what was typed, the nearest first; none also where the register is silent. */
    public List<Employer> like(String typed) {
        try {
            Answer answer = breakers.call(NAME, () -> ask(typed));
            return answer == null ? List.of() : List.copyOf(answer.employers());
        } catch (RestClientException | Breakers.Resting e) {
            return List.of();
        }
    }

    private @Nullable Answer ask(String typed) {
        return http.post()
                .uri("/search")
                .contentType(MediaType.APPLICATION_JSON)
                .body(new Wanted(typed))
                .retrieve()
                .body(Answer.class);
    }

    private record Wanted(String name) {}
}
