package org.civitane.server.access;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** Accounts of people who are made up, many of whom share one password that everybody is told. */
@Component
@Profile(Simulated.PROFILE)
public class SimulatedAccounts {
    /** Of all accounts of the demo. Since everybody is told, nobody else can have it. */
    public static final String PASSWORD = "halvern-demo-2026";

    private final Accounts accounts;
    private final Passwords passwords;
    /** Each is hashed once: hashing takes longer than all else about an account. */
    private final Map<String, String> hashes = new ConcurrentHashMap<>();

    SimulatedAccounts(Accounts accounts, Passwords passwords) {
        this.accounts = accounts;
        this.passwords = passwords;
    }

    /** Makes an account at once. @throws org.civitane.server.platform.Problem when the address is taken */
    public SignedIn register(String email, String displayName, String password, Role role) {
        return accounts.made(
                Accounts.address(email), displayName, role, hashes.computeIfAbsent(password, passwords::hash));
    }
}
