package org.civitane.server.dossier;

import java.util.Map;
import java.util.function.Supplier;
import org.civitane.exchange.casefile.CaseFiles;

/**
 * An earlier claim of the same person that takes something from this one.
 *
 * @param read its case as it is settled; read when it is wanted
 * @param line what it is to this one, as its case file has it
 */
record Earlier(String number, Supplier<CaseFiles.Read<?>> read, Map<String, String> line) {}
