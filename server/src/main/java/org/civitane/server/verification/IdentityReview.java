package org.civitane.server.verification;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.identity.DocumentCategory;
import org.civitane.core.identity.DocumentFault;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.identity.Verdicts;
import org.civitane.server.platform.Phrase;

/**
 * Who the applicant is, and how sure that is (rulebook, identity).
 *
 * @param attributes what is claimed beside what the civil register has, one by one
 * @param awaited the register has not answered yet
 * @param filedByClaimant what the person answered when asked; empty while not asked
 * @param sentence the result in words
 */
public record IdentityReview(
        String member,
        String name,
        LocalDate on,
        IdentityCheck.Result result,
        Optional<IdentityCheck.Basis> basis,
        List<Attribute> attributes,
        List<Document> documents,
        List<Phrase> needs,
        boolean awaited,
        Optional<Boolean> filedByClaimant,
        Phrase sentence) {
    /** One attribute. @param what what exactly differs, in words; empty when nothing does */
    public record Attribute(
            Kind kind, String label, String claimed, String onRecord, Verdicts.Verdict verdict, String what) {}

    /** What of a person is compared. */
    public enum Kind {
        NAME,
        FORMER_NAMES,
        DATE_OF_BIRTH,
        PERSON_NUMBER,
        ADDRESS,
        DECEASED_ON
    }

    /** One document with its faults in words. */
    public record Document(
            UUID paper, String name, DocumentCategory category, List<DocumentFault> faults, List<String> inWords) {}
}
