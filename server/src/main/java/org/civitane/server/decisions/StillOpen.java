package org.civitane.server.decisions;

import java.util.List;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.platform.Phrase;

/** Knows what stands between a claim and its decision. */
public interface StillOpen {
    /** What could still change the outcome, or is still to come, each in a few words; empty when nothing is. */
    List<Phrase> of(Dossier dossier);
}
