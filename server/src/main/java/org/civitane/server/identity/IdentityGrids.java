package org.civitane.server.identity;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.civitane.core.claim.Act;
import org.civitane.core.identity.CheckedDocument;
import org.civitane.core.identity.DocumentType;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.identity.IdentityDocument;
import org.civitane.core.identity.Verdicts;
import org.civitane.core.person.MachineReadableZone;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.doubts.Doubt;
import org.civitane.server.papers.Original;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Reading;
import org.civitane.server.papers.ShownValue;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Texts;
import org.civitane.server.verification.IdentityReview;
import org.civitane.server.verification.PicturedDocument;
import org.civitane.server.verification.ShownDocument;
import org.civitane.server.verification.Verification;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts together the grid of a claim. */
@Component
class IdentityGrids {
    private final Dossiers dossiers;
    private final Verification verification;
    private final IdentityAnswerStore store;
    private final IdentityLine line;
    private final Comparisons comparisons;
    private final ClaimActs acts;
    private final Texts texts;

    IdentityGrids(
            Dossiers dossiers,
            Verification verification,
            IdentityAnswerStore store,
            IdentityLine line,
            Comparisons comparisons,
            ClaimActs acts,
            Texts texts) {
        this.dossiers = dossiers;
        this.verification = verification;
        this.store = store;
        this.line = line;
        this.comparisons = comparisons;
        this.acts = acts;
        this.texts = texts;
    }

    /** A document of the applicant's: sent as pictures, or seen as an original. */
    private record Shown(UUID id, Optional<PicturedDocument> pictured, IdentityDocument document) {
        static Shown of(PicturedDocument pictured) {
            return new Shown(pictured.front().id(), Optional.of(pictured), pictured.document());
        }

        static Shown of(Original original) {
            return new Shown(original.id(), Optional.empty(), ShownDocument.asSeen(original));
        }

        List<Reading> sides() {
            return pictured.map(PicturedDocument::sides).orElse(List.of());
        }

        boolean isBeingRead() {
            return pictured.filter(PicturedDocument::isBeingRead).isPresent();
        }
    }

    @Transactional(readOnly = true)
    IdentityGrid of(UUID id, SignedIn who) {
        Dossier dossier = dossiers.of(id);
        ClaimView claim = dossier.claim();
        IdentityReview review = verification.of(dossier).identity();
        List<Shown> shown = shown(dossier);
        IdentityCheck.Outcome asRead = verification.onceAccepted(dossier);
        return new IdentityGrid(
                id,
                claim.number(),
                Claims.programmeOf(claim).wording(Locale.ENGLISH).text("name"),
                review.name(),
                acts.may(who, Act.ESTABLISH, claim),
                claim.owner().isEmpty()
                        && who.role().worksClaims()
                        && claim.state().allows(Act.TAKE),
                review.result(),
                review.sentence(),
                review.needs(),
                asRead.result(),
                leadsTo(dossier.doubt(), review.result()),
                dossier.doubt(),
                store.newest(id)
                        .flatMap(answer -> answer.handedIn()
                                .map(handedIn -> new IdentityGrid.Answered(
                                        handedIn.number(),
                                        handedIn.at(),
                                        handedIn.signedAs(),
                                        answer.phone(),
                                        answer.mayCall()))),
                rows(review, shown),
                shown.stream()
                        .map(each -> column(each, asRead.documents(), review.on()))
                        .toList(),
                comparisons.of(id),
                DocumentType.accepted().stream().map(DocumentType::code).toList(),
                line.nextAfter(id, who));
    }

    private static Phrase leadsTo(Optional<Doubt> doubt, IdentityCheck.Result result) {
        Optional<Doubt.State> state = doubt.map(Doubt::state);
        if (state.filter(Doubt.State.NOT_ME::equals).isPresent()) {
            return Phrase.of("identity.leads.NOT_ME");
        }
        if (state.filter(Doubt.State.ASKED::equals).isPresent()) {
            return Phrase.of("identity.leads.ASKED", Phrase.full(doubt.get().dueOn()));
        }
        if (result == IdentityCheck.Result.CONFIRMED) {
            return Phrase.of("identity.leads.CONFIRMED");
        }
        return Phrase.of(
                state.filter(Doubt.State.LAPSED::equals).isPresent()
                        ? "identity.leads.LAPSED"
                        : "identity.leads." + result);
    }

    private static List<Shown> shown(Dossier dossier) {
        return Stream.concat(
                        Verification.picturedOf(dossier).stream().map(Shown::of),
                        Verification.originalsOf(dossier).stream().map(Shown::of))
                .toList();
    }

    private List<IdentityGrid.GridRow> rows(IdentityReview review, List<Shown> shown) {
        List<IdentityGrid.GridRow> rows = new ArrayList<>();
        for (IdentityReview.Attribute each : review.attributes()) {
            String field = switch (each.kind()) {
                case NAME -> "name";
                case DATE_OF_BIRTH -> "dateOfBirth";
                case FORMER_NAMES, PERSON_NUMBER, ADDRESS, DECEASED_ON -> "";
            };
            rows.add(new IdentityGrid.GridRow(
                    IdentityGrid.GridKind.of(each.kind()),
                    each.label(),
                    each.claimed(),
                    each.onRecord(),
                    each.verdict(),
                    each.what(),
                    shown.stream().map(one -> cell(one, field)).toList()));
        }
        rows.add(ofDocuments(IdentityGrid.GridKind.ISSUED, "issuedOn", shown));
        rows.add(ofDocuments(IdentityGrid.GridKind.EXPIRY, "expiresOn", shown));
        return rows;
    }

    private IdentityGrid.GridRow ofDocuments(IdentityGrid.GridKind kind, String field, List<Shown> shown) {
        return new IdentityGrid.GridRow(
                kind,
                texts.say("identity.attribute." + kind),
                "",
                "",
                Verdicts.Verdict.ABSENT,
                "",
                shown.stream().map(one -> cell(one, field)).toList());
    }

    private static IdentityGrid.GridCell cell(Shown shown, String field) {
        String text = switch (field) {
            case "name" -> shown.document().name();
            case "dateOfBirth" ->
                shown.document().dateOfBirth().map(DayText::date).orElse("");
            case "issuedOn" -> shown.document().issuedOn().map(DayText::date).orElse("");
            case "expiresOn" -> shown.document().expiresOn().map(DayText::date).orElse("");
            default -> "";
        };
        Optional<ShownValue> value = shown.sides().stream()
                .flatMap(side -> side.shown().stream())
                .filter(each -> each.field().equals(field))
                .findFirst();
        boolean seen =
                shown.pictured().isEmpty() || value.filter(ShownValue::isSeen).isPresent();
        return new IdentityGrid.GridCell(
                text,
                seen,
                value.flatMap(each -> paperOf(shown, each)
                        .map(paper -> new IdentityGrid.GridPlace(paper, each.page(), each.place()))));
    }

    private static Optional<UUID> paperOf(Shown shown, ShownValue value) {
        boolean onFront =
                !shown.sides().isEmpty() && shown.sides().getFirst().shown().contains(value);
        return shown.pictured()
                .flatMap(pictured -> onFront ? Optional.of(pictured.front()) : pictured.back())
                .map(Paper::id);
    }

    private IdentityGrid.GridColumn column(Shown shown, List<CheckedDocument> checked, LocalDate on) {
        Optional<Paper> front = shown.pictured().map(PicturedDocument::front);
        List<String> faults = checked.stream()
                .filter(each -> each.id().equals(shown.document().id()))
                .flatMap(each -> each.faults().stream())
                .map(fault -> texts.say("identity.fault." + fault))
                .toList();
        return new IdentityGrid.GridColumn(
                shown.id(),
                shown.pictured().flatMap(PicturedDocument::back).map(Paper::id),
                front.isEmpty(),
                shown.document().type(),
                DocumentType.named(shown.document().type()).category(),
                front.map(Paper::name).orElse(""),
                front.map(Paper::state).orElse(Paper.State.ACCEPTED),
                shown.isBeingRead(),
                front.map(Paper::remark).orElse(""),
                shown.isBeingRead() ? List.of() : faults,
                shown.document().mrz().flatMap(lines -> zone(lines, on)));
    }

    private static Optional<IdentityGrid.GridZone> zone(List<String> lines, LocalDate on) {
        if (lines.isEmpty()) {
            return Optional.empty();
        }
        Optional<MachineReadableZone> zone = MachineReadableZone.read(lines);
        return Optional.of(new IdentityGrid.GridZone(
                lines,
                zone.map(each -> each.nameField().replaceAll("<+", " ").strip()).orElse(""),
                zone.flatMap(each -> each.dateOfBirth(on)).map(DayText::date).orElse(""),
                zone.flatMap(MachineReadableZone::expiresOn).map(DayText::date).orElse(""),
                zone.map(MachineReadableZone::fields).orElse(List.of())));
    }
}
