package org.civitane.server.intake;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Programme;
import org.civitane.core.question.Question;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.claims.NewClaim;
import org.civitane.server.contact.Contact;
import org.civitane.server.contact.Contacts;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.forms.Questions;
import org.civitane.server.photos.Photos;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Makes a claim of answers: reads and checks them, and keeps what goes with them apart from the application. */
@Component
class HandingIn {
    private final Claims claims;
    private final Determinations determinations;
    private final VoluntaryStatistics statistics;
    private final Contacts contacts;
    private final Origins origins;
    private final Photos photos;
    private final AgencyClock clock;

    HandingIn(
            Claims claims,
            Determinations determinations,
            VoluntaryStatistics statistics,
            Contacts contacts,
            Origins origins,
            Photos photos,
            AgencyClock clock) {
        this.claims = claims;
        this.determinations = determinations;
        this.statistics = statistics;
        this.contacts = contacts;
        this.origins = origins;
        this.photos = photos;
        this.clock = clock;
    }

    /** @throws Problem at the fact that keeps it from being handed in */
    ClaimView handIn(SignedIn applicant, String programme, ObjectNode answers, Drafts.Signing signing) {
        ObjectNode said = Application.own(answers, programme);
        Questions.of(Catalogue.named(programme))
                .filter(question -> question.widget() == Question.Widget.STATISTICS)
                .forEach(question -> statistics.keep(programme, said.remove(question.path())));
        Contact contact = contacts.read(
                Optional.<JsonNode>ofNullable(said.remove("contact")).orElseGet(JsonColumn::object));
        Map<String, Contact> reach = contacts.readAll(
                Optional.<JsonNode>ofNullable(said.remove("reach")).orElseGet(JsonColumn::object));
        photos.over(said, Catalogue.named(programme), applicant.account());
        ObjectNode file = Application.signed(said, programme, clock.localNow(), signing.name(), signing.last4());
        CaseFiles.Read<?> read = read(file);
        Determination determination = determinations.run(read).determination();
        String self = Application.applicant(said).path("id").asString("");
        check(read.programme(), determination, read.file(), self);
        refuseSecond(applicant.account(), read.programme(), determination.receivedOn());
        NewClaim claim = new NewClaim(
                read.programme(),
                applicant,
                read.file(),
                JsonColumn.write(file),
                determination.dueBy(),
                determination.missing().stream().anyMatch(HandingIn::isSignature),
                read.programme().isUrgent(determination));
        return claims.receive(claim, id -> {
            reach.forEach((whom, way) -> contacts.keep(id, whom, way));
            contacts.keepOwn(id, applicant.account(), self, contact);
            origins.keep(id, signing.device());
            photos.handedIn(applicant.account(), programme, id);
        });
    }

    /** @throws Problem when this account has applied for the season already */
    void refuseSecond(UUID applicant, Programme<?> programme, LocalDate receivedOn) {
        claims.claimOfSeason(applicant, programme, receivedOn).ifPresent(before -> {
            String season = before.season().orElse("");
            throw Problem.conflict(
                    "already-applied",
                    Phrase.of("problem.already-applied", season, before.number()),
                    Map.of("claim", before.id().toString()));
        });
    }

    private CaseFiles.Read<?> read(ObjectNode file) {
        try {
            return Application.read(file);
        } catch (BadInput e) {
            throw Problem.invalid(
                    e.pointer().isEmpty() ? "" : e.pointer().substring(1),
                    Phrase.of("problem.answer", Phrase.of(e.fault())));
        }
    }

    private static boolean isSignature(String missing) {
        return Lack.codeOf(missing).startsWith("signature");
    }

    /** Whoever applies signs before; others who have to sign are asked once it is handed in. */
    private void check(Programme<?> programme, Determination determination, CaseFile file, String self) {
        for (String code : determination.missing()) {
            if (isSignature(code)) {
                if (programme.lackOf(code).from() == SaidBy.CO_SIGNER
                        && !Lack.subjectOf(code).equals(self)) {
                    continue;
                }
                throw Problem.invalid(
                        "name",
                        Phrase.of(
                                "problem.signature",
                                file.members().getFirst().name().full()));
            }
            if (code.equals("signer-number")) {
                throw Problem.invalid("last4", Phrase.of("problem.last4"));
            }
            Lack lack = programme.lackOf(code);
            if (lack.beforehand()) {
                throw Problem.invalid(
                        lack.factOf(code).path(),
                        Phrase.word(programme.id(), "missing." + lack.code() + ".beforehand"));
            }
        }
    }
}
