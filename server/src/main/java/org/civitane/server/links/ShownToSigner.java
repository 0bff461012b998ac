package org.civitane.server.links;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.civitane.core.casefile.Member;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.Shape;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.casefile.FactText;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.platform.Texts;
import tools.jackson.databind.JsonNode;

/**
 * What someone who signs sees before: what was said about them, and what they share as the programme says. Of others
 * nothing, and of nobody how they are reached.
 */
final class ShownToSigner {
    private static final Set<String> NAMED = Set.of("id", "givenName", "familyName", "dateOfBirth", "relationship");
    private static final Set<String> WHOSE = Set.of("member", "owner", "for");

    private final Texts texts;
    private final Programme<?> programme;
    private final Wording wording;
    private final JsonNode file;
    private final Member signer;

    ShownToSigner(Dossier dossier, Member signer, Texts texts) {
        this.texts = texts;
        this.programme = Claims.programmeOf(dossier.claim());
        Map<String, String> names =
                dossier.said().file().members().stream().collect(Collectors.toMap(Member::id, Member::givenName));
        this.wording = programme.wording(Locale.ENGLISH).naming(names);
        this.file = dossier.said().json();
        this.signer = signer;
    }

    /** One thing that was said. @param path leads to it in the application */
    record SaidRow(String path, String label, String text) {}

    /** What belongs together. */
    record SaidGroup(String title, List<SaidRow> rows) {}

    List<SaidGroup> groups() {
        return List.of(
                new SaidGroup(texts.say("link.about-you"), aboutThem()),
                new SaidGroup(texts.say("link.shared"), shared()));
    }

    private List<SaidRow> aboutThem() {
        String self = "members/" + signer.id() + "/";
        LocalDate born = signer.dateOfBirth();
        List<SaidRow> rows = new ArrayList<>();
        rows.add(new SaidRow(
                self + "givenName", texts.say("link.name"), signer.name().full()));
        rows.add(new SaidRow(self + "dateOfBirth", texts.say("fact.born"), wording.shown(born)));
        rows.add(new SaidRow(
                self + "relationship",
                texts.say("link.relationship"),
                texts.say("relationship." + signer.relationship())));
        for (FactSpec fact : programme.facts()) {
            if (fact.saidBy() == SaidBy.APPLICANT && fact.shape() instanceof Shape.Several several) {
                rows.addAll(linesOf(fact, several));
            }
        }
        return rows;
    }

    /** What stands about them in a list: more about the person, lines that are theirs, their id. */
    private List<SaidRow> linesOf(FactSpec fact, Shape.Several several) {
        List<SaidRow> rows = new ArrayList<>();
        for (JsonNode line : file.path(fact.name())) {
            if (several.each() instanceof Shape.Group group) {
                if (fact.name().equals("members")
                        && line.path("id").asString("").equals(signer.id())) {
                    rows.addAll(parts("members/" + signer.id() + "/", group, line, NAMED));
                } else if (isTheirs(line)) {
                    rows.add(new SaidRow(pathOf(fact, line), label(fact.name()), line(group, line)));
                }
            } else if (fact.name().equals("noIncomeDeclared")
                    && line.asString("").equals(signer.id())) {
                rows.add(new SaidRow(
                        "members/" + signer.id() + "/incomes", texts.say("fact.income"), texts.say("link.no-income")));
            }
        }
        return rows;
    }

    private boolean isTheirs(JsonNode line) {
        return WHOSE.stream().anyMatch(name -> line.path(name).asString("").equals(signer.id()));
    }

    private static String pathOf(FactSpec fact, JsonNode line) {
        String id = line.path("id").asString("");
        return id.isEmpty() ? fact.name() : fact.name() + "/" + id;
    }

    private List<SaidRow> shared() {
        List<SaidRow> rows = new ArrayList<>();
        for (FactSpec fact : programme.facts()) {
            JsonNode value = file.path(fact.name());
            if (!programme.shared().contains(fact.name()) || value.isMissingNode()) {
                continue;
            }
            if (fact.shape() instanceof Shape.Group group) {
                rows.addAll(parts(fact.name() + "/", group, value, Set.of()));
            } else if (fact.shape() instanceof Shape.Several several && several.each() instanceof Shape.Group group) {
                value.forEach(line -> rows.add(new SaidRow(pathOf(fact, line), label(fact.name()), line(group, line))));
            } else {
                rows.add(new SaidRow(fact.name(), label(fact.name()), FactText.words(fact.shape(), value, wording)));
            }
        }
        return rows;
    }

    /** What the applicant said of a group, part by part; what others say in it is not told here. */
    private List<SaidRow> parts(String within, Shape.Group group, JsonNode value, Set<String> without) {
        return group.parts().stream()
                .filter(part ->
                        part.saidBy() == SaidBy.APPLICANT && !without.contains(part.name()) && value.has(part.name()))
                .map(part -> new SaidRow(
                        within + part.name(),
                        label(part.name()),
                        FactText.words(part.shape(), value.path(part.name()), wording)))
                .toList();
    }

    /** A line without what only says whose it is. */
    private String line(Shape.Group group, JsonNode line) {
        List<FactSpec> said = group.parts().stream()
                .filter(part -> !part.name().equals("id") && !WHOSE.contains(part.name()))
                .toList();
        return FactText.words(new Shape.Group(said), line, wording);
    }

    private String label(String name) {
        String own = "fact." + name + ".label";
        return wording.text(wording.has(own) ? own : "question." + name + ".label");
    }
}
