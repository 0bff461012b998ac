package org.civitane.server.verification;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.civitane.core.identity.DocumentCategory;
import org.civitane.core.identity.DocumentType;
import org.civitane.core.identity.IdentityDocument;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Reading;

/**
 * A document that was sent as pictures: its front, its back where it has one, and what was read of both, looked at or
 * not.
 *
 * @param sides what was read of the front, then of the back
 */
public record PicturedDocument(Paper front, Optional<Paper> back, List<Reading> sides, IdentityDocument document) {
    public PicturedDocument {
        sides = List.copyOf(sides);
    }

    /** The documents among papers, each back with its front. */
    public static List<PicturedDocument> of(List<Paper> papers, Map<UUID, Reading> readings) {
        return papers.stream()
                .filter(paper -> paper.backOf().isEmpty())
                .map(front -> of(front, backOf(front, papers), readings))
                .toList();
    }

    /** The other side of a paper. */
    static Optional<Paper> backOf(Paper front, List<Paper> papers) {
        return papers.stream()
                .filter(each -> each.backOf().filter(front.id()::equals).isPresent())
                .findFirst();
    }

    private static PicturedDocument of(Paper front, Optional<Paper> back, Map<UUID, Reading> readings) {
        List<Reading> sides = Stream.concat(Stream.of(front), back.stream())
                .flatMap(side -> Optional.ofNullable(readings.get(side.id())).stream())
                .toList();
        return new PicturedDocument(front, back, sides, ShownDocument.asRead(front, sides));
    }

    public DocumentCategory category() {
        return DocumentType.named(document.type()).category();
    }

    /** Whether it may count: what was sent back does not. */
    public boolean counts() {
        return front.state() != Paper.State.SENT_BACK;
    }

    /** Whether the machine has not come to all of it yet. */
    public boolean isBeingRead() {
        return sides.stream().anyMatch(side -> side.state() == Reading.State.WAITING);
    }

    /** Whether something could be read. */
    public boolean isRead() {
        return !isBeingRead() && sides.stream().anyMatch(side -> side.state() == Reading.State.READ);
    }
}
