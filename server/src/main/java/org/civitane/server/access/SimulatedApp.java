package org.civitane.server.access;

import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** Second steps of demo accounts, without anybody who holds a phone. */
@Component
@Profile(Simulated.PROFILE)
public class SimulatedApp {
    private final SecondFactors factors;
    private final FactorStore store;

    SimulatedApp(SecondFactors factors, FactorStore store) {
        this.factors = factors;
        this.store = store;
    }

    /** From now on an account shows a code of an app, which the page says in the demo. */
    public void setUp(SignedIn who) {
        factors.begin(who, SecondFactor.Kind.APP, "");
        store.begun(who.account()).ifPresent(begun -> store.confirm(begun, java.util.List.of()));
    }
}
