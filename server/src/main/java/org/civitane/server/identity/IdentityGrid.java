package org.civitane.server.identity;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.identity.DocumentCategory;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.identity.Verdicts;
import org.civitane.core.person.MachineReadableZone;
import org.civitane.server.doubts.Doubt;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.ShownValue;
import org.civitane.server.platform.Phrase;
import org.civitane.server.verification.IdentityReview;

/**
 * Who someone is, on one grid: what they said, what is on record, and what each document says.
 *
 * @param result as the check stands on what was looked at
 * @param onceAccepted as it would stand if every document were accepted as it was read
 * @param leadsTo what happens to the claim as things are
 * @param documentTypes every type of document that counts
 * @param next the claim that is next in the line
 */
record IdentityGrid(
        UUID claim,
        String number,
        String programme,
        String name,
        boolean mayWork,
        boolean mayTake,
        IdentityCheck.Result result,
        Phrase sentence,
        List<Phrase> needs,
        IdentityCheck.Result onceAccepted,
        Phrase leadsTo,
        Optional<Doubt> doubt,
        Optional<Answered> answered,
        List<GridRow> rows,
        List<GridColumn> columns,
        List<ComparedBy> compared,
        List<String> documentTypes,
        Optional<UUID> next) {
    /**
     * What was handed in, and how they can be asked back.
     *
     * @param phone empty when they gave none
     */
    record Answered(String number, Instant at, String signedAs, String phone, boolean mayCall) {}

    /**
     * One attribute.
     *
     * @param what what exactly differs from the record, in words
     * @param cells one for each column
     */
    record GridRow(
            GridKind kind,
            String label,
            String said,
            String onRecord,
            Verdicts.Verdict verdict,
            String what,
            List<GridCell> cells) {}

    /** What of a person the grid has a row for. */
    enum GridKind {
        NAME,
        FORMER_NAMES,
        DATE_OF_BIRTH,
        PERSON_NUMBER,
        ADDRESS,
        DECEASED_ON,
        ISSUED,
        EXPIRY;

        static GridKind of(IdentityReview.Kind kind) {
            return GridKind.valueOf(kind.name());
        }
    }

    /** What a document says of an attribute. @param seen whether a caseworker has looked at it */
    record GridCell(String text, boolean seen, Optional<GridPlace> place) {}

    /** Where something stands on a picture. */
    record GridPlace(UUID paper, int page, ShownValue.Box at) {}

    /**
     * A document.
     *
     * @param original whether it was seen at the counter, so that there is no picture
     * @param remark why it was sent although something is wrong with it
     * @param faults what is wrong with it, each offered as a reason
     */
    record GridColumn(
            UUID paper,
            Optional<UUID> back,
            boolean original,
            String documentType,
            DocumentCategory category,
            String name,
            Paper.State state,
            boolean beingRead,
            String remark,
            List<String> faults,
            Optional<GridZone> zone) {}

    /** The lines for machines, decoded. @param name as people say it @param fields each with its check digit */
    record GridZone(
            List<String> lines, String name, String born, String expires, List<MachineReadableZone.Field> fields) {}

    /** That pictures were compared by eye. */
    record ComparedBy(String words, String by, Instant at) {}

    /** A claim in the line. */
    record IdentityInLine(
            UUID claim,
            String number,
            String programme,
            String name,
            Instant since,
            boolean enough,
            String owner,
            boolean mine) {}
}
