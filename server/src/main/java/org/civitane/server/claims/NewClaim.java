package org.civitane.server.claims;

import java.time.LocalDate;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.programme.Programme;
import org.civitane.server.access.SignedIn;

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
        SignedIn applicant,
        CaseFile file,
        String json,
        LocalDate dueBy,
        boolean signing,
        boolean urgent) {}
