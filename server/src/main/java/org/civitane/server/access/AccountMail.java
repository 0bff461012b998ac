package org.civitane.server.access;

import java.util.Map;
import java.util.UUID;
import org.civitane.server.platform.Texts;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.client.RestClient;

/** Hands links and codes of accounts to the carrier, and keeps none. */
@Component
class AccountMail {
    private final Texts texts;
    private final RestClient carrier;
    private final String address;

    AccountMail(
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

    /** What is sent. Its texts are found under its name. */
    enum Word {
        FORGOTTEN,
        INVITED,
        SIGN_UP_CODE,
        SIGN_UP_AGAIN,
        SIGN_IN_CODE,
        OTHER_ADDRESS
    }

    /** A page of this installation, as people reach it. @param path such as {@code /new-password#…} */
    String page(String path) {
        return address + path;
    }

    /**
     * Sends an e-mail.
     *
     * @param id by which the carrier knows it; handed over twice it is carried once
     * @param secret the link or the code in it; empty when there is none
     * @throws RuntimeException when the carrier did not take it
     */
    void send(UUID id, String recipient, Word word, String secret) {
        carry(id, "EMAIL", recipient, word, secret);
    }

    /** As {@link #send}, as a text message. */
    void text(UUID id, String phone, Word word, String secret) {
        carry(id, "TEXT", phone, word, secret);
    }

    private void carry(UUID id, String channel, String recipient, Word word, String secret) {
        carrier.post()
                .uri("/messages")
                .contentType(MediaType.APPLICATION_JSON)
                .body(Map.of(
                        "id",
                        id,
                        "channel",
                        channel,
                        "recipient",
                        recipient,
                        "subject",
                        texts.say("account.mail." + word + ".subject"),
                        "body",
                        texts.say("account.mail." + word, secret)))
                .retrieve()
                .toBodilessEntity();
    }
}
