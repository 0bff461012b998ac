package org.civitane.server.identity;

import java.time.LocalDate;
import java.util.Optional;
import org.civitane.server.doubts.Doubt;
import org.civitane.server.platform.Office;

/**
 * What the code of a letter leads to: what was filed, masked, and whether that was the person.
 *
 * @param caseReference the number of the case, once they said that it was not them
 */
record LetterPage(
        String number,
        Doubt.State state,
        String why,
        LocalDate dueOn,
        Filings.Filing filing,
        Office office,
        Optional<String> caseReference) {}
