package org.civitane.core.identity;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.Facts;

/**
 * Who is this person, and how sure are we? (rulebook, chapter identity)
 *
 * @param filedByClaimant what the person answered when asked whether they filed the claim; empty while not asked
 * @param on the date of the check
 */
public record IdentityCheck(
        Claimed claimed,
        RegisterAnswer register,
        List<IdentityDocument> documents,
        Optional<Boolean> filedByClaimant,
        LocalDate on) {
    /** How sure it is. */
    public enum Result {
        CONFIRMED,
        UNCONFIRMED,
        DISPUTED,
        MISUSE_SUSPECTED
    }

    /** What a confirmation rests on. */
    public enum Basis {
        REGISTER,
        DOCUMENTS
    }

    /** What is needed for a confirmation. */
    public enum Need {
        PERSON_NUMBER,
        PHOTO,
        SECOND,
        REGISTER
    }

    /**
     * What came out.
     *
     * @param basis present when confirmed
     * @param needs empty unless unconfirmed
     */
    public record Outcome(
            Result result,
            Optional<Basis> basis,
            Verdicts verdicts,
            List<CheckedDocument> documents,
            List<Need> needs) {
        public Outcome {
            documents = List.copyOf(documents);
            needs = List.copyOf(needs);
        }
    }

    /** @throws org.civitane.core.casefile.InvalidFact when two documents have the same id */
    public IdentityCheck {
        documents = List.copyOf(documents);
        Facts.checkUnique("/documents", documents, IdentityDocument::id);
    }

    /** Runs the check: the first of the chapter's five results that applies. */
    public Outcome outcome() {
        Verdicts verdicts = Verdicts.of(claimed, register.entry());
        List<CheckedDocument> checked = documents.stream()
                .map(document -> CheckedDocument.of(document, claimed, on))
                .toList();
        if (isMisuseSuspected()) {
            return new Outcome(Result.MISUSE_SUSPECTED, Optional.empty(), verdicts, checked, List.of());
        }
        if (verdicts.areInConflict()) {
            return new Outcome(Result.DISPUTED, Optional.empty(), verdicts, checked, List.of());
        }
        if (verdicts.allMatch()) {
            return new Outcome(Result.CONFIRMED, Optional.of(Basis.REGISTER), verdicts, checked, List.of());
        }
        List<Need> needs = needs(verdicts, checked);
        if (needs.isEmpty() || needs.equals(List.of(Need.REGISTER))) {
            return new Outcome(Result.CONFIRMED, Optional.of(Basis.DOCUMENTS), verdicts, checked, List.of());
        }
        return new Outcome(Result.UNCONFIRMED, Optional.empty(), verdicts, checked, needs);
    }

    private boolean isMisuseSuspected() {
        boolean disowned = filedByClaimant.filter(filed -> !filed).isPresent();
        boolean deceased = register.entry()
                .flatMap(RegisterAnswer.Entry::deceasedOn)
                .filter(day -> !day.isAfter(on))
                .isPresent();
        return disowned || deceased;
    }

    private List<Need> needs(Verdicts verdicts, List<CheckedDocument> checked) {
        List<Need> needs = new ArrayList<>();
        if (verdicts.personNumber() == Verdicts.Verdict.INVALID) {
            needs.add(Need.PERSON_NUMBER);
        }
        if (!hasUsable(DocumentCategory.PHOTO, checked)) {
            needs.add(Need.PHOTO);
        }
        if (!hasUsable(DocumentCategory.SECOND, checked)) {
            needs.add(Need.SECOND);
        }
        if (register instanceof RegisterAnswer.Unavailable) {
            needs.add(Need.REGISTER);
        }
        return needs;
    }

    private static boolean hasUsable(DocumentCategory category, List<CheckedDocument> checked) {
        return checked.stream().anyMatch(document -> document.category() == category && document.isUsable());
    }
}
