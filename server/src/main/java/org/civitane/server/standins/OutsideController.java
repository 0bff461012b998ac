package org.civitane.server.standins;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import org.springframework.context.annotation.Profile;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The page of outside services that are simulated, for staff: how each behaves, and what would have gone out. */
@RestController
@Profile(Simulated.PROFILE)
class OutsideController {
    private final Moods moods;
    private final Carrier carrier;

    OutsideController(Moods moods, Carrier carrier) {
        this.moods = moods;
        this.carrier = carrier;
    }

    record Behaviour(Service service, Mood mood) {}

    record Outside(List<Behaviour> services, List<Carrier.Sent> carried) {}

    record Behave(@NotNull Mood mood) {}

    @GetMapping("/api/outside")
    @Transactional(readOnly = true)
    Outside outside() {
        return new Outside(
                Arrays.stream(Service.values())
                        .map(service -> new Behaviour(service, moods.of(service)))
                        .toList(),
                carrier.carried());
    }

    @PutMapping("/api/outside/{service}")
    Outside behave(@PathVariable Service service, @RequestBody @Valid Behave wish) {
        moods.set(service, wish.mood());
        return outside();
    }
}
