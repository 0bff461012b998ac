package org.civitane.core.income;

import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;

/** Wages as an earner states them. */
public record StatedWages(String id, String member, String employer, Money amount, Frequency frequency) {}
