package org.civitane.server.documents;

import java.time.LocalDate;
import java.util.Base64;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.fact.FactSpecs;
import org.civitane.core.fact.Shape;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.exchange.casefile.CasePaths;
import org.civitane.exchange.casefile.FactText;
import org.civitane.exchange.casefile.Misfits;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.photos.Photo;
import org.civitane.server.photos.Photos;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Pdf;
import org.civitane.server.platform.SquareCode;
import org.civitane.server.platform.Texts;
import org.civitane.server.registers.Register;
import org.civitane.server.registers.RegisterRequest;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Sets a document for archiving, with a square code that leads to the page on which anyone checks it. */
@Component
class CertificatePdf {
    private final Pdf pdf;
    private final Photos photos;
    private final SignedPdf signed;
    private final Texts texts;
    private final Determinations determinations;
    private final String address;

    CertificatePdf(
            Pdf pdf,
            Photos photos,
            SignedPdf signed,
            Texts texts,
            Determinations determinations,
            @Value("${civitane.address}") String address) {
        this.pdf = pdf;
        this.photos = photos;
        this.signed = signed;
        this.texts = texts;
        this.determinations = determinations;
        this.address = address;
    }

    /** A document of a kind, in the programme's words for it. */
    byte[] of(Dossier dossier, String kind, String number, LocalDate on, LocalDate until) {
        Wording wording = dossier.run().wording();
        Outcome outcome = dossier.run().determination().outcomes().getFirst();
        String key = "document." + kind + ".";
        Map<String, Object> page = new HashMap<>();
        page.put("title", wording.text(key + "title"));
        page.put("name", dossier.applicant().name().full());
        page.put("born", wording.shown(dossier.applicant().dateOfBirth()));
        page.put("rows", rows(dossier, kind));
        page.put(
                "sentence",
                wording.filled(
                        wording.text(key + outcome.result()), dossier.run().places(outcome)));
        page.put("entries", entries(dossier));
        page.put("number", number);
        page.put("sheets", copies(dossier.settled().read()));
        page.put("issuedOn", wording.shown(on));
        page.put("validUntil", wording.shown(until));
        page.put("check", address + "/check/" + number);
        page.put("code", SquareCode.inline(address + "/check/" + number));
        page.put("photo", photos.ofClaim(dossier.claim().id()).map(this::inline).orElse(""));
        return signed.of(pdf.archived(pdf.fill("certificate", page)), wording.text(key + "title"));
    }

    /** Until when a document is valid that is made out on a day: as the rules have it of a case that says so. */
    LocalDate validUntil(Dossier dossier, LocalDate on) {
        ObjectNode madeOut = dossier.settled().copy();
        dossier.run().programme().issuedFact().ifPresent(fact -> madeOut.put(fact, on.toString()));
        return determinations.run(CaseFiles.read(JsonColumn.bytes(madeOut))).determination().outcomes().stream()
                .map(outcome -> outcome.more().get("validUntil"))
                .filter(org.civitane.core.reasoning.Value.Day.class::isInstance)
                .map(value -> ((org.civitane.core.reasoning.Value.Day) value).date())
                .findFirst()
                .orElseThrow();
    }

    /** What stands on each copy; nothing where there is only one. */
    private List<String> copies(CaseFiles.Read<?> read) {
        int all = howMany(read);
        return all == 1
                ? List.of("")
                : IntStream.rangeClosed(1, all)
                        .mapToObj(copy -> texts.say("document.copy", copy, all))
                        .toList();
    }

    private static <C extends CaseFile> int howMany(CaseFiles.Read<C> read) {
        return read.programme().copies(read.file());
    }

    /** What the programme wants to stand in it, beside whose it is; nothing that somebody wrote in words of their own. */
    private static Map<String, String> rows(Dossier dossier, String kind) {
        Wording wording = dossier.run().wording();
        Programme<?> programme = dossier.run().programme();
        Map<String, String> rows = new LinkedHashMap<>();
        for (FactPath path : programme.shownIn(kind)) {
            String name = path.path().replace('/', '.');
            Shape shape = FactSpecs.shapeAt(programme.facts(), path).orElseThrow();
            CasePaths.get(dossier.settled().copy(), path)
                    .filter(value -> Misfits.of(value, shape).isEmpty())
                    .ifPresent(value -> rows.put(
                            wording.text("document." + kind + ".row." + name),
                            wording.textOr(
                                    "option." + name + "." + value.asString(""),
                                    FactText.words(shape, value, wording))));
        }
        return rows;
    }

    /** What the police register has on record, line by line. */
    private static List<String> entries(Dossier dossier) {
        return dossier.requests().stream()
                .filter(request -> request.register() == Register.POLICE)
                .map(RegisterRequest::answer)
                .flatMap(java.util.Optional::stream)
                .filter(answer -> answer.path("result").asString("").equals("ENTRIES"))
                .flatMap(answer -> answer.path("held").valueStream())
                .flatMap(held -> held.path("entries").valueStream())
                .map(JsonNode::asString)
                .toList();
    }

    private String inline(Photo photo) {
        return "data:" + photo.mediaType() + ";base64," + Base64.getEncoder().encodeToString(photos.open(photo));
    }
}
