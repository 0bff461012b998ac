package org.civitane.server.registers;

import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.client.RestClient;
import org.springframework.web.client.RestClientException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Asks registers over HTTP; gives up after the time-outs of the configuration. */
@Component
class RegisterClient {
    private static final int NOT_FOUND = 404;

    private final RestClient http;
    private final String benefits;
    private final String civil;
    private final String wages;
    private final String police;
    private final Breakers breakers;

    RegisterClient(
            RestClient.Builder builder,
            @Value("${civitane.benefit-register}") String benefits,
            @Value("${civitane.civil-register}") String civil,
            @Value("${civitane.wage-register}") String wages,
            @Value("${civitane.police-register}") String police,
            @Value("${civitane.register-key}") String key,
            Breakers breakers) {
        this.http = builder.defaultHeader("X-Register-Key", key).build();
        this.benefits = benefits;
        this.civil = civil;
        this.wages = wages;
        this.police = police;
        this.breakers = breakers;
    }

    /** The register did not answer, or not with anything to go by. */
    static final class Silent extends RuntimeException {
        Silent(String message) {
            super(message);
        }
    }

    /**
     * What the register knows: its entry with {@code known} true, or {@code known} false.
     *
     * @throws Silent when it did not answer in time, failed, or answered nonsense
     * @throws Breakers.Resting when it was silent so often that it is left alone for a while
     */
    JsonNode ask(Register register, String question) {
        return breakers.call(register.id(), () -> asked(register, question));
    }

    private JsonNode asked(Register register, String question) {
        return switch (register) {
            case BENEFITS -> answer(http.get().uri(benefits + "/cases/{number}", question), "caseNumber");
            case CIVIL -> answer(post(civil + "/people/search", question), "dateOfBirth");
            case WAGES -> answer(post(wages + "/wages/search", question), "months");
            case POLICE -> answer(post(police + "/people/search", question), "result");
        };
    }

    private RestClient.RequestHeadersSpec<?> post(String address, String question) {
        return http.post().uri(address).contentType(MediaType.APPLICATION_JSON).body(question);
    }

    /** @param always the field that every entry has: an answer without it is none */
    private static JsonNode answer(RestClient.RequestHeadersSpec<?> request, String always) {
        try {
            ObjectNode answer = request.exchange((sent, response) -> {
                if (response.getStatusCode().value() == NOT_FOUND) {
                    return JsonColumn.object().put("known", false);
                }
                HttpStatusCode status = response.getStatusCode();
                if (!status.is2xxSuccessful()) {
                    throw new Silent("status " + status.value());
                }
                ObjectNode entry = JsonColumn.readObject(
                        new String(response.getBody().readNBytes(1 << 20), java.nio.charset.StandardCharsets.UTF_8));
                if (!entry.has(always)) {
                    throw new Silent("no " + always);
                }
                return entry.put("known", true);
            });
            if (answer == null) {
                throw new Silent("nothing");
            }
            return answer;
        } catch (RestClientException | JacksonException | ClassCastException e) {
            throw new Silent(e.getClass().getSimpleName());
        }
    }
}
