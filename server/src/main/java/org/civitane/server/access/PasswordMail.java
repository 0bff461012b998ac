package org.civitane.server.access;

import java.util.Map;
import java.util.UUID;
import org.civitane.server.platform.Texts;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.client.RestClient;

/** Hands links for new passwords to the carrier, and keeps none. */
@Component
class PasswordMail {
    private final Texts texts;
    private final RestClient carrier;
    private final String address;

    PasswordMail(
            Texts texts,
            RestClient.Builder http,
            @Value("${civitane.address}") String address,
            @Value("${civitane.carrier}") String carrier,
            @Value("${civitane.register-key}") String key) {
        this.texts = texts;
        this.address = address;
        this.carrier =
                http.baseUrl(carrier).defaultHeader("X-Register-Key", key).build();
    }

    /**
     * @param id by which the carrier knows it; handed over twice it is carried once
     * @throws RuntimeException when the carrier did not take it
     */
    void send(UUID id, String recipient, String token) {
        carrier.post()
                .uri("/messages")
                .contentType(MediaType.APPLICATION_JSON)
                .body(Map.of(
                        "id",
                        id,
                        "channel",
                        "EMAIL",
                        "recipient",
                        recipient,
                        "subject",
                        texts.say("password.subject"),
                        "body",
                        texts.say("password.body", address + "/new-password#" + token)))
                .retrieve()
                .toBodilessEntity();
    }
}
