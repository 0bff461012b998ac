package org.civitane.server.decisions;

import java.util.List;
import org.civitane.server.casework.ClaimView;

/** Knows what stands between a claim and its decision. */
public interface StillOpen {
    /** What could still change the outcome, or is still to come, each in a few words; empty when nothing is. */
    List<String> of(ClaimView claim);
}
