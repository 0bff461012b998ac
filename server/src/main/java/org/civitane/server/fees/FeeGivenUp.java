package org.civitane.server.fees;

import org.civitane.core.amount.Money;

/** What a fee was paid for is not wanted any more: what came with its checkout goes back. */
record FeeGivenUp(ChargeStore.Checkout checkout, Money amount) {}
