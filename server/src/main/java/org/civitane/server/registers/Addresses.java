package org.civitane.server.registers;

import java.util.List;
import org.civitane.core.person.Address;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Service;
import org.springframework.web.client.RestClient;
import org.springframework.web.client.RestClientException;

/** Asks the address register how an address is written. Whoever lives there has the last word, so silence is no fault. */
@Service
public class Addresses {
    private static final String NAME = "addresses";

    private final RestClient http;
    private final Breakers breakers;

    Addresses(
            RestClient.Builder builder,
            @Value("${civitane.address-register}") String address,
            @Value("${civitane.register-key}") String key,
            Breakers breakers) {
        this.breakers = breakers;
        this.http =
                builder.baseUrl(address).defaultHeader("X-Register-Key", key).build();
    }

    /** An address as the register writes it. */
    public record Found(String street, String houseNumber, String postCode, String place) {}

    /**
     * What the register says of an address.
     *
     * @param answered whether it answered at all
     * @param exact whether the address is written as the register has it
     * @param suggestions the nearest first; at most three
     */
    public record Spelling(boolean answered, boolean exact, List<Found> suggestions) {
        private static final Spelling SILENCE = new Spelling(false, false, List.of());
    }

    private record Answer(boolean exact, List<Found> suggestions) {}

    /** How the register writes an address. */
    public Spelling spelling(Address address) {
        try {
            Answer answer = breakers.call(NAME, () -> ask(address));
            return answer == null
                    ? Spelling.SILENCE
                    : new Spelling(true, answer.exact(), List.copyOf(answer.suggestions()));
        } catch (RestClientException | Breakers.Resting e) {
            return Spelling.SILENCE;
        }
    }

    private @Nullable Answer ask(Address address) {
        return http.post()
                .uri("/search")
                .contentType(MediaType.APPLICATION_JSON)
                .body(address)
                .retrieve()
                .body(Answer.class);
    }
}
