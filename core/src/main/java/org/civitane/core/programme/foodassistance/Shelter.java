package org.civitane.core.programme.foodassistance;

import org.civitane.core.amount.Money;

/**
 * What living somewhere costs a month.
 *
 * @param allowance for utilities, part of {@code costs}
 */
record Shelter(Money allowance, Money costs) {}
