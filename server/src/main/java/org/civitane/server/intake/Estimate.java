package org.civitane.server.intake;

import java.util.List;

/**
 * What an application looks like coming to, labelled as an estimate.
 *
 * @param known whether anything can be said yet
 * @param open what is still needed before more can be said
 * @param because how it comes about, sentence by sentence
 */
record Estimate(boolean known, String headline, String detail, List<String> open, List<String> because) {}
