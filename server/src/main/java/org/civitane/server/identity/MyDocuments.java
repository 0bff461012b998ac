package org.civitane.server.identity;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.civitane.core.identity.CheckedDocument;
import org.civitane.core.identity.DocumentCategory;
import org.civitane.core.identity.DocumentType;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.identity.IdentityDocument;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Papers;
import org.civitane.server.papers.Reading;
import org.civitane.server.papers.Readings;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Texts;
import org.civitane.server.verification.PicturedDocument;
import org.civitane.server.verification.Verification;
import org.springframework.stereotype.Component;

/** The documents that someone sent to show who they are, and what the check makes of them without any register. */
@Component
class MyDocuments {
    private final Papers papers;
    private final Readings readings;
    private final Verification verification;
    private final AgencyClock clock;
    private final Texts texts;

    MyDocuments(Papers papers, Readings readings, Verification verification, AgencyClock clock, Texts texts) {
        this.papers = papers;
        this.readings = readings;
        this.verification = verification;
        this.clock = clock;
        this.texts = texts;
    }

    /** All of a claim, begun or handed in. @param signed whether they were handed in */
    Checked of(Dossier dossier, boolean signed) {
        List<PicturedDocument> sent = sent(dossier);
        IdentityCheck.Outcome outcome = verification.ofDocumentsAlone(
                dossier,
                sent.stream()
                        .filter(MyDocuments::isChecked)
                        .map(PicturedDocument::document)
                        .toList());
        return new Checked(
                documents(dossier, sent, outcome.documents()),
                List.of(
                        item(MyIdentity.Needed.PHOTO, progress(DocumentCategory.PHOTO, sent, outcome)),
                        item(MyIdentity.Needed.SECOND, progress(DocumentCategory.SECOND, sent, outcome)),
                        item(
                                MyIdentity.Needed.SIGNATURE,
                                signed ? MyIdentity.Progress.DONE : MyIdentity.Progress.OPEN)),
                outcome.result() == IdentityCheck.Result.CONFIRMED);
    }

    /** What came of it. @param enough whether they are enough by themselves, as they were read */
    record Checked(List<MyIdentity.MyDocument> documents, List<MyIdentity.CheckItem> checklist, boolean enough) {}

    private List<PicturedDocument> sent(Dossier dossier) {
        UUID claim = dossier.claim().id();
        List<Paper> all = Stream.concat(dossier.papers().stream(), papers.begun(claim).stream())
                .filter(paper -> !paper.documentType().isEmpty())
                .toList();
        Map<UUID, Reading> read = new HashMap<>(dossier.readings());
        read.putAll(readings.ofBegun(claim));
        return PicturedDocument.of(all, read);
    }

    /** What is still read, was sent back or only bridges a name is not checked. */
    private static boolean isChecked(PicturedDocument sent) {
        return !sent.isBeingRead()
                && sent.counts()
                && !sent.front().documentType().equals(IdentityAnswers.NAME_DEED);
    }

    private List<MyIdentity.MyDocument> documents(
            Dossier dossier, List<PicturedDocument> sent, List<CheckedDocument> checked) {
        TellFaults faults = new TellFaults(verification.claimed(dossier), clock.today(), texts);
        return sent.stream()
                .map(each -> new MyIdentity.MyDocument(
                        each.front().id(),
                        each.front().documentType(),
                        each.category(),
                        each.front().name(),
                        each.front().state(),
                        readingOf(each),
                        told(each.document()),
                        checkedOf(each, checked)
                                .map(one -> faults.of(each.document(), one))
                                .orElse(List.of()),
                        each.front().remark(),
                        each.front().reason(),
                        each.front().faultAt(),
                        DocumentType.named(each.front().documentType()).hasBack(),
                        each.back().map(Paper::id)))
                .toList();
    }

    private static MyIdentity.ReadingOf readingOf(PicturedDocument sent) {
        if (sent.isBeingRead()) {
            return MyIdentity.ReadingOf.WAITING;
        }
        return sent.isRead() ? MyIdentity.ReadingOf.READ : MyIdentity.ReadingOf.UNREADABLE;
    }

    private static Optional<CheckedDocument> checkedOf(PicturedDocument sent, List<CheckedDocument> checked) {
        return checked.stream()
                .filter(each -> each.id().equals(sent.document().id()))
                .findFirst();
    }

    private static List<MyIdentity.TellValue> told(IdentityDocument document) {
        List<MyIdentity.TellValue> told = new ArrayList<>();
        if (!document.name().isEmpty()) {
            told.add(new MyIdentity.TellValue("name", document.name()));
        }
        document.dateOfBirth().ifPresent(day -> told.add(new MyIdentity.TellValue("dateOfBirth", DayText.date(day))));
        document.issuedOn().ifPresent(day -> told.add(new MyIdentity.TellValue("issuedOn", DayText.date(day))));
        document.expiresOn().ifPresent(day -> told.add(new MyIdentity.TellValue("expiresOn", DayText.date(day))));
        return told;
    }

    private static MyIdentity.CheckItem item(MyIdentity.Needed needed, MyIdentity.Progress progress) {
        return new MyIdentity.CheckItem(needed, progress);
    }

    private static MyIdentity.Progress progress(
            DocumentCategory category, List<PicturedDocument> sent, IdentityCheck.Outcome outcome) {
        boolean usable = outcome.documents().stream().anyMatch(each -> each.category() == category && each.isUsable());
        if (usable) {
            return MyIdentity.Progress.DONE;
        }
        List<PicturedDocument> own = sent.stream()
                .filter(each -> each.category() == category && each.counts())
                .toList();
        if (own.stream().anyMatch(PicturedDocument::isBeingRead)) {
            return MyIdentity.Progress.READING;
        }
        if (own.isEmpty()) {
            return MyIdentity.Progress.OPEN;
        }
        boolean unsure = own.stream()
                .anyMatch(each -> checkedOf(each, outcome.documents())
                        .filter(checked -> TellFaults.isUnsure(each.document(), checked))
                        .isPresent());
        return unsure ? MyIdentity.Progress.UNSURE : MyIdentity.Progress.FAULTY;
    }
}
