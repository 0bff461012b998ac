package org.civitane.core.programme.conductcertificate;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.programme.Programme;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Handover;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.PoliceRegister;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Purpose;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Value;

/**
 * A certificate that says what the police register holds on a person (rulebook, chapter certificate of conduct).
 */
public final class ConductCertificate implements Programme<ConductCertificateCase> {
    /** How long the fee is asked for. */
    private static final int DAYS_TO_PAY = 30;

    private static final List<Lack> LACKS = Lack.named(
            List.of("passport", "residence", "purpose", "country", "explanation", "letter", "copies", "handover"),
            Lack.of("passport-mrz", "passport"),
            Lack.of("photo", "photo").first(),
            Lack.of("photo-format", "photo").first(),
            Lack.of("photo-size", "photo").first(),
            Lack.of("photo-shape", "photo").first(),
            Lack.of("photo-age", "photo").first(),
            Lack.of("identity", "identity").from(SaidBy.AGENCY),
            Lack.of("police-register", "policeRegister").from(SaidBy.REGISTER),
            Lack.of("police-review", "policeRegister").from(SaidBy.AGENCY),
            Lack.SIGNATURE,
            Lack.SIGNATURE_NAME);

    private static final PaperKind LETTER = PaperKind.other("ASKING_LETTER");
    private static final PaperKind AUTHORITY = PaperKind.other("PROXY_AUTHORITY");

    public static final String ID = "conduct-certificate";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "CC";
    }

    @Override
    public Class<ConductCertificateCase> caseType() {
        return ConductCertificateCase.class;
    }

    @Override
    public Determination determine(ConductCertificateCase file, PolicyBook book, Reasoning why) {
        return new ConductCertificateRules(file, book, why).determine();
    }

    @Override
    public List<Lack> lacks() {
        return LACKS;
    }

    @Override
    public Optional<OnlineForm<ConductCertificateCase>> form() {
        return Optional.of(new ConductCertificateForm());
    }

    @Override
    public Optional<String> identityFact() {
        return Optional.of("identity");
    }

    @Override
    public Optional<String> policeFact() {
        return Optional.of("policeRegister");
    }

    @Override
    public Map<String, String> takenForGranted() {
        return Map.of("identity", IdentityCheck.Result.CONFIRMED.name(), "policeRegister", PoliceRegister.CLEAR.name());
    }

    @Override
    public Optional<String> issuedFact() {
        return Optional.of("issuedOn");
    }

    @Override
    public List<PaperKind> papers() {
        return List.of(PaperKind.IDENTITY, LETTER, AUTHORITY);
    }

    @Override
    public List<EvidenceNeed> evidenceNeeds(ConductCertificateCase file, Determination determination) {
        List<EvidenceNeed> needs = new ArrayList<>();
        needs.add(EvidenceNeed.ofIdentity(file.applicant().id()));
        if (file.purpose().filter(Purpose::needsLetter).isPresent()) {
            needs.add(EvidenceNeed.ofHousehold(LETTER, "letter"));
        }
        if (file.handover().filter(Handover::byProxyAtTheDesk).isPresent()) {
            needs.add(new EvidenceNeed(AUTHORITY.code(), Optional.empty(), FactPath.of("handover", "authority")));
        }
        return List.copyOf(needs);
    }

    @Override
    public List<Consequence> consequences(Determination determination, LocalDate decidedOn) {
        return determination.outcomes().stream()
                .filter(outcome -> findingOf(outcome) == Finding.GRANTED)
                .map(outcome -> charge(determination, decidedOn))
                .toList();
    }

    private static Consequence charge(Determination determination, LocalDate decidedOn) {
        if (determination.figures().get("fee") instanceof Value.Amount(Money fee)) {
            LocalDate payBy = decidedOn.plusDays(DAYS_TO_PAY);
            return new Consequence.Charge(
                    fee, decidedOn, payBy, List.of(new Consequence.Issue("CERTIFICATE", decidedOn)));
        }
        throw new IllegalStateException("Impossible state: a certificate that is granted has its fee.");
    }

    @Override
    public List<FactPath> shownIn(String document) {
        return List.of(FactPath.of("passport", "number"), FactPath.of("country"));
    }

    @Override
    public int copies(ConductCertificateCase file) {
        return file.copies().orElse(1);
    }

    @Override
    public Optional<Consequence.HandOver> handOver(ConductCertificateCase file, LocalDate issuedOn) {
        LocalDate on = BusinessCalendar.plusBusinessDays(issuedOn, 1);
        return file.handover()
                .map(handover -> new Consequence.HandOver(
                        handover.way().name(),
                        handover.way() == Handover.Way.DESK,
                        handover.way() == Handover.Way.MAIL_ABROAD,
                        handover.byProxyAtTheDesk(),
                        on));
    }

    @Override
    public Map<String, Finding> findings() {
        return Map.of(
                "ISSUE",
                Finding.GRANTED,
                "ISSUE_WITH_ENTRIES",
                Finding.GRANTED,
                "DENIED",
                Finding.REFUSED,
                "PENDING",
                Finding.OPEN);
    }
}
