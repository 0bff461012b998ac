package org.civitane.server.intake;

import java.util.Optional;
import org.civitane.core.programme.Programme;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.determinations.Run;

/**
 * An application as it would be if everybody had signed it now and every statement in it were confirmed, read and worked
 * out once for whatever is told about it.
 *
 * @param read empty where it cannot be read
 * @param run empty where nothing can be worked out of it
 * @param fault the first fact that cannot stand, where there is one
 */
record Imagined(
        Programme<?> programme, Optional<CaseFiles.Read<?>> read, Optional<Run> run, Optional<BadInput> fault) {}
