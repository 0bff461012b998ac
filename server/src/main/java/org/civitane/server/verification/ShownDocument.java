package org.civitane.server.verification;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.civitane.core.identity.DocumentType;
import org.civitane.core.identity.IdentityDocument;
import org.civitane.core.programme.Catalogue;
import org.civitane.server.papers.Original;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Reading;
import org.civitane.server.papers.Readings;
import org.civitane.server.papers.ShownValue;

/** A paper, with its other side where it has one, as a document that shows who someone is. */
public final class ShownDocument {
    private static final List<String> DAYS = List.of("dateOfBirth", "issuedOn", "payDate", "expiresOn");

    private final Paper paper;
    private final Map<String, String> values = new HashMap<>();

    private ShownDocument(Paper paper) {
        this.paper = paper;
    }

    /** What all pages together show; where two say something of the same field, the first. */
    static ShownDocument of(Paper paper, Stream<Map<String, ShownValue>> pages) {
        ShownDocument shown = new ShownDocument(paper);
        pages.forEach(page -> page.forEach((field, value) -> {
            if (!value.value().isBlank()) {
                shown.values.putIfAbsent(field, value.value());
            }
        }));
        return shown;
    }

    /**
     * As the machine read it, whether anybody has looked at it or not. Where lines for machines must be and none were
     * read, it has none that are right: half a page is not enough.
     */
    public static IdentityDocument asRead(Paper paper, List<Reading> sides) {
        ShownDocument shown = of(paper, sides.stream().flatMap(Readings::groups));
        boolean readable = sides.stream().anyMatch(side -> side.state() == Reading.State.READ) && shown.hasDays();
        IdentityDocument document =
                shown.document(shown.type(), shown.value("name").orElse(""), readable);
        return DocumentType.named(document.type()).hasZone() && document.mrz().isEmpty()
                ? document.withZone(List.of())
                : document;
    }

    /** An original that was seen at the counter. */
    public static IdentityDocument asSeen(Original original) {
        return new IdentityDocument(
                original.id().toString(),
                original.documentType(),
                original.name(),
                original.dateOfBirth(),
                original.issuedOn(),
                original.expiresOn(),
                Optional.empty(),
                Optional.empty());
    }

    /** The document; empty where nothing says whose it is, or where something else stands in the place of a day. */
    Optional<IdentityDocument> document() {
        return value("name").filter(name -> hasDays()).map(name -> document(type(), name, true));
    }

    private IdentityDocument document(String type, String name, boolean readable) {
        return new IdentityDocument(
                paper.id().toString(),
                type,
                name,
                day("dateOfBirth"),
                day("issuedOn").or(() -> day("payDate")),
                day("expiresOn"),
                value("mrz").map(lines -> List.of(lines.split("\\s+"))),
                Optional.of(readable));
    }

    /** As a caseworker said, else as the paper is or whoever sent it said; else by its zone: a passport's has two lines. */
    private String type() {
        return value("documentType")
                .or(() -> Catalogue.paper(paper.kind()).document())
                .or(() -> Optional.of(paper.documentType()).filter(said -> !said.isEmpty()))
                .or(() -> value("mrz")
                        .filter(lines -> lines.split("\\s+").length == 2)
                        .map(lines -> "PASSPORT"))
                .orElse("NATIONAL_ID");
    }

    private Optional<String> value(String field) {
        return Optional.ofNullable(values.get(field));
    }

    /** Whether everything that should be a day is one; a caseworker may have typed something else. */
    private boolean hasDays() {
        return DAYS.stream()
                .allMatch(field -> value(field).isEmpty() || day(field).isPresent());
    }

    private Optional<LocalDate> day(String field) {
        try {
            return value(field).map(LocalDate::parse);
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }
}
