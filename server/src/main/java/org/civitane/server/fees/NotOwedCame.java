package org.civitane.server.fees;

import org.civitane.core.amount.Money;

/** Money came with a checkout that was not what is owed, heard of in this transaction. */
record NotOwedCame(ChargeStore.Checkout checkout, Money came) {}
