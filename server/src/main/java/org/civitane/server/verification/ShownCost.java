package org.civitane.server.verification;

import java.util.UUID;
import org.civitane.core.amount.Money;

/** An amount that a paper of some kind shows, and the page it stands on. */
public record ShownCost(UUID paper, int page, String kind, Money amount) {}
