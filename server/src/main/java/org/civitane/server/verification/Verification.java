package org.civitane.server.verification;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Member;
import org.civitane.core.casefile.Relationship;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.contact.Contact;
import org.civitane.server.contact.Contacts;
import org.civitane.server.papers.Papers;
import org.civitane.server.papers.Readings;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Texts;
import org.civitane.server.registers.Register;
import org.civitane.server.registers.RegisterRequest;
import org.civitane.server.registers.Registers;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts what is said, shown and on record side by side: who the applicant is, and what the household earns. */
@Service
public class Verification {
    private final Claims claims;
    private final Papers papers;
    private final Readings readings;
    private final Registers registers;
    private final Contacts contacts;
    private final Doubts doubts;
    private final AgencyClock clock;
    private final Texts texts;

    Verification(
            Claims claims,
            Papers papers,
            Readings readings,
            Registers registers,
            Contacts contacts,
            Doubts doubts,
            AgencyClock clock,
            Texts texts) {
        this.claims = claims;
        this.papers = papers;
        this.readings = readings;
        this.registers = registers;
        this.contacts = contacts;
        this.doubts = doubts;
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
    @Transactional(readOnly = true)
    public Review of(ClaimView claim) {
        CaseFile file = CaseFiles.read(claims.newestEdition(claim).getBytes(StandardCharsets.UTF_8))
                .file();
        SeenPapers seen = new SeenPapers(papers.of(claim.id()), readings.of(claim.id()));
        List<RegisterRequest> requests = registers.newestOf(claim.id());
        Map<String, Contact> byMember = contacts.ofClaim(claim.id());
        Member applicant = file.members().stream()
                .filter(member -> member.relationship() == Relationship.SELF)
                .findFirst()
                .orElseThrow();
        Optional<Doubt> doubt = doubts.of(claim.id());
        IdentityReview identity = new Identities(
                        applicant,
                        byMember.getOrDefault(applicant.id(), Contact.UNKNOWN),
                        requests.stream()
                                .filter(request -> request.register() == Register.CIVIL)
                                .findFirst(),
                        seen.documentsOf(applicant.id()),
                        doubt.flatMap(Doubt::filedByClaimant),
                        clock.today(),
                        texts)
                .review();
        return new Review(identity, new Incomes(file, seen, requests).review(), seen.costs(), requests, doubt);
    }
}
