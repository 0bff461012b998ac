package org.civitane.server.evidence;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.server.papers.Paper;
import org.civitane.server.platform.Phrase;

/**
 * Something a claim has to show, as its applicant sees it: {@link EvidenceItem} without by which other claim it is
 * served, which may be another person's, and without what staff wrote down for themselves.
 *
 * @param reason why the last paper was sent back, or what shows it instead; else empty
 * @param alreadyHere a paper that shows it is here already
 * @param stepByStep whether there is a page of its own that leads through showing it
 */
public record MyEvidenceItem(
        String kind,
        String subject,
        Phrase title,
        String why,
        Optional<LocalDate> until,
        EvidenceItem.State state,
        Phrase reason,
        boolean alreadyHere,
        boolean stepByStep,
        List<Paper> papers) {}
