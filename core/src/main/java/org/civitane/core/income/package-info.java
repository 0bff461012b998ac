/** What an earner says, what their papers show and what the wage register has, put side by side (rulebook, income reconciliation). */
@NullMarked
package org.civitane.core.income;

import org.jspecify.annotations.NullMarked;
