package org.civitane.server.verification;

import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.Member;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.doubts.Doubt;
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

    /** As the newest edition, the papers that were looked at and the registers stand now. */
    public Review of(Dossier dossier) {
        SeenPapers seen = new SeenPapers(dossier.papers(), dossier.readings());
        List<RegisterRequest> requests = dossier.requests();
        Member applicant = dossier.applicant();
        IdentityReview identity = new Identities(
                        applicant,
                        dossier.contact(),
                        requests.stream()
                                .filter(request -> request.register() == Register.CIVIL)
                                .findFirst(),
                        seen.documentsOf(applicant.id()),
                        dossier.doubt().flatMap(Doubt::filedByClaimant),
                        clock.today(),
                        texts)
                .review();
        return new Review(
                identity,
                new Incomes(dossier.said().file(), seen, requests).review(),
                seen.costs(),
                requests,
                dossier.doubt());
    }
}
