/** The three services that verify facts — identity, income, materiality — as documented JSON. */
@NullMarked
package org.civitane.exchange.verification;

import org.jspecify.annotations.NullMarked;
