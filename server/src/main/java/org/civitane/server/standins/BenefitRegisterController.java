package org.civitane.server.standins;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The simulated benefit register over HTTP; whoever has the register key may ask. */
@RestController
class BenefitRegisterController {
    private static final long SLOW_MILLISECONDS = 6_000;

    private final BenefitRegister register;
    private final byte[] key;

    BenefitRegisterController(BenefitRegister register, @Value("${civitane.register-key}") String key) {
        this.register = register;
        this.key = key.getBytes(StandardCharsets.UTF_8);
    }

    @GetMapping("/standins/benefit-register/cases/{caseNumber}")
    ResponseEntity<BenefitRegister.Entry> find(
            @PathVariable String caseNumber, @RequestHeader(name = "X-Register-Key") @Nullable String given)
            throws InterruptedException {
        if (given == null || !MessageDigest.isEqual(key, given.getBytes(StandardCharsets.UTF_8))) {
            return ResponseEntity.status(HttpStatus.UNAUTHORIZED).build();
        }
        switch (register.mood()) {
            case ANSWERS -> {}
            case SLOW -> Thread.sleep(SLOW_MILLISECONDS);
            case DOWN -> {
                return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE).build();
            }
        }
        return Optional.ofNullable(register.entries().get(caseNumber.strip().toUpperCase(Locale.ROOT)))
                .map(ResponseEntity::ok)
                .orElse(ResponseEntity.notFound().build());
    }
}
