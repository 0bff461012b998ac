package org.civitane.core.evidence;

import java.util.Optional;
import org.civitane.core.reasoning.FactPath;

/**
 * A paper that a claim needs before it can be decided.
 *
 * @param kind what kind of paper, in the programme's word
 * @param subject the id of the person it is about; empty for the household
 * @param fact the fact it is to show
 */
public record EvidenceNeed(String kind, Optional<String> subject, FactPath fact) {}
