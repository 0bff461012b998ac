package org.civitane.server.verification;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.identity.IdentityDocument;
import org.civitane.core.income.PaySlip;
import org.civitane.core.programme.Catalogue;
import org.civitane.server.papers.Original;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Reading;
import org.civitane.server.papers.Readings;
import org.civitane.server.papers.ShownValue;

/**
 * What the papers of a claim show, as far as a caseworker has looked at it: a value that only the machine read is
 * offered, but counts for nothing yet. Papers that were sent back show nothing.
 */
final class SeenPapers {
    private final List<Slip> slips = new ArrayList<>();
    private final List<Document> documents = new ArrayList<>();
    private final List<ShownCost> costs = new ArrayList<>();

    /** A pay slip, and the page it stands on. */
    record Slip(UUID paper, int page, PaySlip slip) {}

    /**
     * A document that shows who someone is.
     *
     * @param source the paper it is, or the original that was seen
     * @param member whom it is about
     */
    record Document(UUID source, String name, String member, IdentityDocument document) {}

    SeenPapers(List<Paper> papers, Map<UUID, Reading> readings, List<Original> originals) {
        for (Paper paper : papers) {
            if (paper.state() != Paper.State.SENT_BACK) {
                add(paper, papers, readings);
            }
        }
        originals.forEach(original -> documents.add(
                new Document(original.id(), original.compared(), original.subject(), ShownDocument.asSeen(original))));
    }

    List<Slip> slips() {
        return List.copyOf(slips);
    }

    List<ShownCost> costs() {
        return List.copyOf(costs);
    }

    /** The documents about one member. */
    List<Document> documentsOf(String member) {
        return documents.stream().filter(each -> each.member().equals(member)).toList();
    }

    private void add(Paper paper, List<Paper> papers, Map<UUID, Reading> readings) {
        List<Map<String, ShownValue>> seen = seen(paper, readings);
        PaperKind kind = Catalogue.paper(paper.kind());
        if (paper.backOf().isEmpty()
                && (kind.reading() == PaperKind.Reading.DOCUMENT
                        || kind.document().isPresent())) {
            Stream<Map<String, ShownValue>> back =
                    PicturedDocument.backOf(paper, papers).stream().flatMap(each -> seen(each, readings).stream());
            addDocument(paper, Stream.concat(newestFirst(kind, seen), back));
        }
        seen.forEach(page -> addFigures(paper, kind, page));
    }

    /** Of slips and statements the last page is the newest; a document that shows who someone is begins with its face. */
    private static Stream<Map<String, ShownValue>> newestFirst(PaperKind kind, List<Map<String, ShownValue>> pages) {
        return kind.reading() == PaperKind.Reading.DOCUMENT ? pages.stream() : pages.reversed().stream();
    }

    private static List<Map<String, ShownValue>> seen(Paper paper, Map<UUID, Reading> readings) {
        return Optional.ofNullable(readings.get(paper.id())).stream()
                .flatMap(Readings::groups)
                .filter(page -> page.values().stream().anyMatch(ShownValue::isSeen))
                .toList();
    }

    private void addDocument(Paper paper, Stream<Map<String, ShownValue>> pages) {
        ShownDocument.of(paper, pages)
                .document()
                .ifPresent(
                        document -> documents.add(new Document(paper.id(), paper.name(), paper.subject(), document)));
    }

    private void addFigures(Paper paper, PaperKind kind, Map<String, ShownValue> page) {
        try {
            if (kind.reading() == PaperKind.Reading.SLIP) {
                addSlip(paper, page);
            }
            value(page, "amount")
                    .ifPresent(amount -> costs.add(new ShownCost(
                            paper.id(), page.values().iterator().next().page(), paper.kind(), Money.parse(amount))));
        } catch (DateTimeParseException | IllegalArgumentException | InvalidFact e) {
            // A value that is no date or amount shows nothing; the caseworker sees it beside the page all the same.
            return;
        }
    }

    private void addSlip(Paper paper, Map<String, ShownValue> page) {
        Optional<String> employer = value(page, "employer");
        Optional<LocalDate> start = day(page, "periodStart");
        Optional<LocalDate> end = day(page, "periodEnd");
        Optional<String> gross = value(page, "gross");
        if (employer.isPresent() && start.isPresent() && end.isPresent() && gross.isPresent()) {
            slips.add(new Slip(
                    paper.id(),
                    page.values().iterator().next().page(),
                    new PaySlip(
                            paper.subject(),
                            employer.get(),
                            day(page, "payDate").orElse(end.get()),
                            start.get(),
                            end.get(),
                            Money.parse(gross.get()),
                            value(page, "ytdGross").map(Money::parse))));
        }
    }

    private static Optional<String> value(Map<String, ShownValue> page, String field) {
        return Optional.ofNullable(page.get(field)).map(ShownValue::value).filter(text -> !text.isBlank());
    }

    private static Optional<LocalDate> day(Map<String, ShownValue> page, String field) {
        return value(page, field).map(LocalDate::parse);
    }
}
