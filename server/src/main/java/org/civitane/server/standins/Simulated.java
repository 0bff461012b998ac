package org.civitane.server.standins;

/** When outside services are simulated: only when this profile is asked for. */
public final class Simulated {
    public static final String PROFILE = "standins";

    private Simulated() {}
}
