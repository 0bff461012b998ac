package org.civitane.core.casefile;

import java.util.Optional;
import org.civitane.core.amount.Money;

/**
 * Something the household owns.
 *
 * @param owner the id of the member who owns it; not given, the applicant
 */
public record Resource(ResourceKind kind, Money amount, Optional<String> owner) {}
