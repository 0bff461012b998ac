package org.civitane.server.casework;

import java.time.LocalDate;
import java.util.UUID;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.programme.Programme;

/**
 * An application that has just been handed in.
 *
 * @param file the case file, with the moment of handing in
 * @param json the same, as JSON
 * @param signing others still have to sign
 * @param urgent the household cannot wait
 * @param dueBy the day by which it must be decided
 */
public record NewClaim(
        Programme<?> programme,
        UUID applicant,
        CaseFile file,
        String json,
        LocalDate dueBy,
        boolean signing,
        boolean urgent) {}
