package org.civitane.server.registers;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.civitane.core.person.Address;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The right spelling of an address, for applicants while they apply. */
@RestController
class RegisterController {
    private final Addresses addresses;

    RegisterController(Addresses addresses) {
        this.addresses = addresses;
    }

    record Written(
            @NotNull @Size(max = 120) String street,
            @NotNull @Size(max = 20) String houseNumber,
            @NotNull @Size(max = 4) String postCode) {}

    @PostMapping("/api/my/address-spelling")
    Addresses.Spelling spelling(@RequestBody @Valid Written written) {
        return addresses.spelling(new Address(written.street(), written.houseNumber(), written.postCode()));
    }
}
