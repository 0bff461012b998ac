package org.civitane.server.corrections;

import java.util.UUID;

/** Nobody answered a fix list in time, so what it announced happens in this transaction. */
public record FixListLapsed(UUID claim, FixList.Then then) {}
