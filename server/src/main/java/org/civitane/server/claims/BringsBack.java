package org.civitane.server.claims;

import java.util.List;

/**
 * Keeps something that can come up once a claim is decided. Each is asked whenever something happened to a decided
 * claim; whoever changes what they answer touches the claim.
 */
public interface BringsBack {
    /** What of it has to be looked at now; nothing where all is in order. */
    List<CameUp> cameUp(ClaimView claim);
}
