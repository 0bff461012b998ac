package org.civitane.server.identity;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.identity.DocumentCategory;
import org.civitane.core.identity.DocumentFault;
import org.civitane.core.identity.DocumentType;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.ShownValue;
import org.civitane.server.platform.Office;

/**
 * Everything about showing who one is, as the person who is asked sees it. What a register holds is no part of it.
 *
 * @param sentence where it stands
 * @param why what is doubted, or which service asks; empty at intake
 * @param then what happens when the day has passed
 * @param asksWhetherFiled whether they are asked if they filed the claim
 * @param counts every type of document that counts; the same table checks what is sent
 * @param enough whether the check says that the documents, as they were read, are enough
 * @param caseReference the number of the case of misuse, once they said that it was not them
 */
record MyIdentity(
        String number,
        String programme,
        String name,
        Occasion occasion,
        Step step,
        String sentence,
        String why,
        Optional<LocalDate> dueOn,
        String then,
        boolean mayAskForTime,
        boolean asksWhetherFiled,
        IdentityAnswer.Filed filed,
        Filings.Filing filing,
        List<Counting> counts,
        List<MyDocument> documents,
        List<CheckItem> checklist,
        boolean enough,
        String phone,
        Office office,
        Optional<String> caseReference,
        Optional<IdentityReceipt> receipt) {
    /** Why they are to show who they are. */
    enum Occasion {
        DOUBTED,
        OTHER_SERVICE,
        /** Their application needs it, since no register has confirmed them. */
        INTAKE,
        /** Nothing is asked. */
        NONE
    }

    /** How far it is. */
    enum Step {
        NOTHING,
        ASKED,
        HANDED_IN,
        NOT_ME,
        LAPSED
    }

    /**
     * A type of document that counts.
     *
     * @param months how old it may be; 0 when that does not matter
     * @param most how many of its category may be sent
     */
    record Counting(
            String code,
            DocumentCategory category,
            int months,
            List<DocumentType.Part> parts,
            boolean hasBack,
            int most) {}

    /**
     * A document that was sent.
     *
     * @param reading whether the machine has come to it and could read it
     * @param told what was read, in words
     * @param reason why it was sent back
     * @param back its other side
     */
    record MyDocument(
            UUID id,
            String documentType,
            DocumentCategory category,
            String name,
            Paper.State state,
            ReadingOf reading,
            List<TellValue> told,
            List<TellFault> faults,
            String remark,
            String reason,
            Optional<ShownValue.Box> faultAt,
            boolean hasBack,
            Optional<UUID> back) {
        /** Whether it would count as it was read. */
        @JsonProperty
        boolean usable() {
            return reading == ReadingOf.READ && faults.isEmpty() && category != DocumentCategory.NONE;
        }
    }

    /** How far reading is. */
    enum ReadingOf {
        WAITING,
        READ,
        UNREADABLE
    }

    record TellValue(String field, String text) {}

    record TellFault(DocumentFault fault, String text) {}

    /** A thing that is needed, and how far it is. */
    record CheckItem(Needed needed, Progress progress) {}

    /** What is needed. */
    enum Needed {
        PHOTO,
        SECOND,
        SIGNATURE
    }

    /** How far it is. */
    enum Progress {
        OPEN,
        /** Something is there and still being read. */
        READING,
        /** Something is there that could not be read to the end: a caseworker looks. */
        UNSURE,
        /** Something is there, with a fault. */
        FAULTY,
        DONE
    }

    /** That it was handed in. @param next what happens now, and by when */
    record IdentityReceipt(String number, Instant at, List<IdentityAnswer.SentDocument> sent, String next) {}
}
