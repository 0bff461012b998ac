package org.civitane.server.dossier;

import java.time.LocalDate;

/**
 * Days that an earlier claim of the same person takes up already.
 *
 * @param number of that claim
 * @param days how many there are, from {@code first} to {@code last}
 */
public record Overlap(String number, LocalDate first, LocalDate last, int days) {}
