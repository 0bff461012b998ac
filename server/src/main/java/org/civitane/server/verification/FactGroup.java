package org.civitane.server.verification;

import java.util.List;

/** Facts about one person, or about the household. */
public record FactGroup(String title, String subtitle, List<Fact> facts) {}
