package org.civitane.server.standins;

import java.util.Arrays;
import java.util.Optional;

/** The outside services that are simulated here, by the name in their address. */
public enum Service {
    BENEFITS("benefit-register"),
    CIVIL("civil-register"),
    WAGES("wage-register"),
    POLICE("police-register"),
    /** Takes fees on a page of its own. */
    PAY("pay"),
    ADDRESSES("address-register"),
    EMPLOYERS("employer-register"),
    /** Carries mail and text messages; here they stay and can be read. */
    CARRIER("carrier"),
    /** Pays; here nothing leaves. */
    BANK("bank"),
    /** Brings postal orders. */
    POST("post-office");

    private final String address;

    Service(String address) {
        this.address = address;
    }

    /** The part of the path behind {@code /standins/}. */
    public String address() {
        return address;
    }

    static Optional<Service> at(String path) {
        return Arrays.stream(values())
                .filter(service -> path.startsWith("/standins/" + service.address + "/"))
                .findFirst();
    }
}
