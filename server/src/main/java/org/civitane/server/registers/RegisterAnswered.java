package org.civitane.server.registers;

import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** A register answered a question about a claim, in this transaction. */
public record RegisterAnswered(UUID claim, Register register, String subject, String question, JsonNode answer) {}
