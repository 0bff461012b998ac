package org.civitane.server.fees;

import java.util.UUID;
import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Fees of the demo are paid without anybody who presses a button. */
@Component
@Profile(Simulated.PROFILE)
public class SimulatedPay {
    private final Charges charges;

    SimulatedPay(Charges charges) {
        this.charges = charges;
    }

    /** The fee of a decided claim is paid, as it is owed. */
    @Transactional
    public void pay(UUID claim) {
        charges.of(claim).ifPresent(charge -> {
            charges.heard(charges.checkout(claim), true, charge.amount().cents());
        });
    }
}
