package org.civitane.server.demo;

import org.civitane.server.access.Accounts;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.access.SimulatedApp;
import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** The demo's accounts; one of them shows what a second step is. */
@Component
@Profile(Simulated.PROFILE)
class DemoAccounts {
    static final String CASEWORKER = "asa.mikkel@halvern.example";
    private static final String PASSWORD = "halvern-demo-2026";

    private final Accounts accounts;
    private final SimulatedApp app;

    DemoAccounts(Accounts accounts, SimulatedApp app) {
        this.accounts = accounts;
        this.app = app;
    }

    /** Who works the claims of the demo. */
    record Caseworkers(SignedIn asa, SignedIn joao) {}

    boolean areThere() {
        return accounts.find(CASEWORKER).isPresent();
    }

    Caseworkers makeStaff() {
        SignedIn asa = staff(CASEWORKER, "Ása Mikkel", Role.CASEWORKER);
        SignedIn joao = staff("joao.brattli@halvern.example", "João Brattli", Role.CASEWORKER);
        staff("sunniva.reis@halvern.example", "Sunniva Reis", Role.SUPERVISOR);
        app.setUp(staff("edda.holm@halvern.example", "Edda Holm", Role.AUDITOR));
        return new Caseworkers(asa, joao);
    }

    private SignedIn staff(String email, String name, Role role) {
        return accounts.register(email, name, PASSWORD, role);
    }

    /** The account of someone who applies, made when it is not there yet. */
    SignedIn applicant(String email, String name) {
        return accounts.find(email).orElseGet(() -> accounts.register(email, name, PASSWORD, Role.APPLICANT));
    }
}
