package org.civitane.server.standins;

import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import org.civitane.server.platform.Problem;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The demo's page of outside services, for staff: how each behaves, and what would have gone out. */
@RestController
class OutsideController {
    private final Moods moods;
    private final Carrier carrier;
    private final boolean demo;

    OutsideController(Moods moods, Carrier carrier, @Value("${civitane.demo}") boolean demo) {
        this.moods = moods;
        this.carrier = carrier;
        this.demo = demo;
    }

    record Behaviour(Service service, Mood mood) {}

    record Outside(List<Behaviour> services, List<Carrier.Sent> carried) {}

    record Behave(@NotNull Mood mood) {}

    @GetMapping("/api/outside")
    Outside outside() {
        return new Outside(
                Arrays.stream(Service.values())
                        .map(service -> new Behaviour(service, moods.of(service)))
                        .toList(),
                carrier.carried());
    }

    @PutMapping("/api/outside/{service}")
    Outside behave(@PathVariable Service service, @RequestBody Behave wish) {
        if (!demo) {
            throw Problem.forbidden("Services are switched in the demo only.");
        }
        moods.set(service, wish.mood());
        return outside();
    }
}
