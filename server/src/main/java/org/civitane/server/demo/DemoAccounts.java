package org.civitane.server.demo;

import org.civitane.server.access.Accounts;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.access.SimulatedAccounts;
import org.civitane.server.access.SimulatedApp;
import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** The demo's accounts; one of them shows what a second step is. */
@Component
@Profile(Simulated.PROFILE)
class DemoAccounts {
    static final String CASEWORKER = "asa.mikkel@halvern.example";
    private static final String COLLEAGUE = "joao.brattli@halvern.example";

    private final Accounts accounts;
    private final SimulatedAccounts simulated;
    private final SimulatedApp app;

    DemoAccounts(Accounts accounts, SimulatedAccounts simulated, SimulatedApp app) {
        this.accounts = accounts;
        this.simulated = simulated;
        this.app = app;
    }

    boolean areThere() {
        return accounts.find(CASEWORKER).isPresent();
    }

    /** The caseworker who has most of the claims. */
    SignedIn asa() {
        return accounts.find(CASEWORKER).orElseThrow();
    }

    /** The caseworker who has some. */
    SignedIn joao() {
        return accounts.find(COLLEAGUE).orElseThrow();
    }

    void makeStaff() {
        staff(CASEWORKER, "Ása Mikkel", Role.CASEWORKER);
        staff(COLLEAGUE, "João Brattli", Role.CASEWORKER);
        staff("sunniva.reis@halvern.example", "Sunniva Reis", Role.SUPERVISOR);
        app.setUp(staff("edda.holm@halvern.example", "Edda Holm", Role.AUDITOR));
    }

    private SignedIn staff(String email, String name, Role role) {
        return simulated.register(email, name, SimulatedAccounts.PASSWORD, role);
    }

    /** The account of someone who applies, made when it is not there yet. */
    SignedIn applicant(String email, String name) {
        return accounts.find(email)
                .orElseGet(() -> simulated.register(email, name, SimulatedAccounts.PASSWORD, Role.APPLICANT));
    }
}
