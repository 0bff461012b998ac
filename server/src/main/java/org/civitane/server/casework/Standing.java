package org.civitane.server.casework;

import java.util.Optional;

/**
 * Where a claim stands on the day sheet.
 *
 * @param stack the stack it lies in; empty while it is not the caseworker's turn
 * @param nextStep the next step and why it is next, in words
 */
public record Standing(Optional<Stack> stack, String nextStep, NextAction action) {}
