package org.civitane.server.links;

import java.util.UUID;

/** Someone outside the household answered after the decision, or a caseworker has looked at what they said. */
public record SaidAfter(UUID claim) {}
