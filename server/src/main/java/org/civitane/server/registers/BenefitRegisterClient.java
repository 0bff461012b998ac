package org.civitane.server.registers;

import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatusCode;
import org.springframework.stereotype.Component;
import org.springframework.web.client.RestClient;
import org.springframework.web.client.RestClientException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Asks the benefit register over HTTP; gives up after the time-outs of the configuration. */
@Component
class BenefitRegisterClient {
    private static final int NOT_FOUND = 404;

    private final RestClient http;

    BenefitRegisterClient(
            RestClient.Builder builder,
            @Value("${civitane.benefit-register}") String address,
            @Value("${civitane.register-key}") String key) {
        this.http =
                builder.baseUrl(address).defaultHeader("X-Register-Key", key).build();
    }

    /** The register did not answer, or not with anything to go by. */
    static final class Silent extends RuntimeException {
        Silent(String message) {
            super(message);
        }
    }

    /**
     * What the register knows about a case: its entry with {@code known} true, or {@code known} false.
     *
     * @throws Silent when it did not answer in time, failed, or answered nonsense
     */
    JsonNode find(String caseNumber) {
        try {
            String body = http.get()
                    .uri("/cases/{number}", caseNumber)
                    .retrieve()
                    .onStatus(BenefitRegisterClient::isUnknown, (request, response) -> {})
                    .body(String.class);
            ObjectNode answer = body == null || body.isBlank() ? JsonColumn.object() : JsonColumn.readObject(body);
            return answer.put("known", answer.has("caseNumber"));
        } catch (RestClientException | JacksonException | ClassCastException e) {
            throw new Silent(e.getClass().getSimpleName());
        }
    }

    private static boolean isUnknown(HttpStatusCode status) {
        return status.value() == NOT_FOUND;
    }
}
