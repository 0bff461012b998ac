package org.civitane.server.fees;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/** The fee of a claim was paid and booked in this transaction: what rests on it may happen. */
public record FeePaid(UUID claim, LocalDate on, Instant at) {}
