package org.civitane.server.verification;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.civitane.core.casefile.Member;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.identity.Claimed;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.identity.IdentityDocument;
import org.civitane.core.identity.RegisterAnswer;
import org.civitane.core.programme.Catalogue;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.doubts.Doubt;
import org.civitane.server.papers.Original;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Texts;
import org.civitane.server.registers.Register;
import org.civitane.server.registers.RegisterRequest;
import org.springframework.stereotype.Service;

/** Puts what is said, shown and on record side by side: who the applicant is, and what the household earns. */
@Service
public class Verification {
    private final AgencyClock clock;
    private final Texts texts;

    Verification(AgencyClock clock, Texts texts) {
        this.clock = clock;
        this.texts = texts;
    }

    /**
     * Both reviews of a claim, and what they rest on.
     *
     * @param costs the amounts that papers other than pay slips show
     * @param doubt whether the person was asked if they filed the claim, and what they said
     * @param requests the newest question to each register about each person
     */
    public record Review(
            IdentityReview identity,
            IncomeReview income,
            List<ShownCost> costs,
            List<RegisterRequest> requests,
            Optional<Doubt> doubt) {}

    /** The check as it would stand once every document of the applicant's were accepted as it was read. */
    public IdentityCheck.Outcome onceAccepted(Dossier dossier) {
        Identities identities = identities(dossier, List.of(), civil(dossier.requests()));
        Stream<IdentityDocument> documents = Stream.concat(
                picturedOf(dossier).stream().filter(PicturedDocument::counts).map(PicturedDocument::document),
                originalsOf(dossier).stream().map(ShownDocument::asSeen));
        return new IdentityCheck(
                        identities.claimed(),
                        identities.answer(),
                        documents.toList(),
                        dossier.doubt().flatMap(Doubt::filedByClaimant),
                        clock.today())
                .outcome();
    }

    /** The documents of the applicant's that were sent to show who they are. */
    public static List<PicturedDocument> picturedOf(Dossier dossier) {
        String applicant = dossier.applicant().id();
        return PicturedDocument.of(
                dossier.papers().stream()
                        .filter(paper -> paper.subject().equals(applicant))
                        .filter(paper -> !paper.documentType().isEmpty()
                                || Catalogue.paper(paper.kind()).reading() == PaperKind.Reading.DOCUMENT)
                        .toList(),
                dossier.readings());
    }

    /** The documents of the applicant's that were seen as originals. */
    public static List<Original> originalsOf(Dossier dossier) {
        String applicant = dossier.applicant().id();
        return dossier.originals().stream()
                .filter(original -> original.subject().equals(applicant))
                .toList();
    }

    private static Optional<RegisterRequest> civil(List<RegisterRequest> requests) {
        return requests.stream()
                .filter(request -> request.register() == Register.CIVIL)
                .findFirst();
    }

    /** Who the applicant of a claim says they are. */
    public Claimed claimed(Dossier dossier) {
        return identities(dossier, List.of(), Optional.empty()).claimed();
    }

    /**
     * What documents come to by themselves, as far as they were read: with nothing of what a register holds, so that
     * whoever sent them may know it.
     */
    public IdentityCheck.Outcome ofDocumentsAlone(Dossier dossier, List<IdentityDocument> documents) {
        return new IdentityCheck(
                        claimed(dossier), new RegisterAnswer.Nobody(), documents, Optional.empty(), clock.today())
                .outcome();
    }

    /** As the newest edition, the papers that were looked at and the registers stand now. */
    public Review of(Dossier dossier) {
        SeenPapers seen = new SeenPapers(dossier.papers(), dossier.readings(), dossier.originals());
        List<RegisterRequest> requests = dossier.requests();
        Member applicant = dossier.applicant();
        IdentityReview identity = identities(dossier, seen.documentsOf(applicant.id()), civil(requests))
                .review();
        return new Review(
                identity,
                new Incomes(dossier.said().file(), seen, aboutIncome(dossier, requests)).review(),
                seen.costs(),
                requests,
                dossier.doubt());
    }

    /** What the register was asked about wages that nobody states stands beside no line of income. */
    private static List<RegisterRequest> aboutIncome(Dossier dossier, List<RegisterRequest> requests) {
        return Claims.programmeOf(dossier.claim()).reportedWages().isEmpty()
                ? requests
                : requests.stream()
                        .filter(request -> request.register() != Register.WAGES)
                        .toList();
    }

    private Identities identities(
            Dossier dossier, List<SeenPapers.Document> documents, Optional<RegisterRequest> request) {
        return new Identities(
                dossier.applicant(),
                dossier.contact(),
                request,
                documents,
                dossier.doubt().flatMap(Doubt::filedByClaimant),
                clock.today(),
                texts);
    }
}
