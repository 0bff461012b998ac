package org.civitane.server.claims;

import java.util.Optional;
import org.civitane.server.platform.Phrase;

/**
 * Where a claim stands on the day sheet.
 *
 * @param stack the stack it lies in; empty while it is not the caseworker's turn
 * @param nextStep the next step and why it is next
 */
public record Standing(Optional<Stack> stack, Phrase nextStep, NextAction action) {}
