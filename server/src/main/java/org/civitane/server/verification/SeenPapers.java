package org.civitane.server.verification;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.identity.IdentityDocument;
import org.civitane.core.income.PaySlip;
import org.civitane.core.programme.Catalogue;
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

    /** A document that shows who someone is, and the paper it is. @param member whom it is about */
    record Document(Paper paper, String member, IdentityDocument document) {}

    SeenPapers(List<Paper> papers, Map<UUID, Reading> readings) {
        for (Paper paper : papers) {
            Reading reading = readings.get(paper.id());
            if (paper.state() != Paper.State.SENT_BACK && reading != null) {
                Readings.groups(reading).forEach(page -> add(paper, page));
            }
        }
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

    private void add(Paper paper, Map<String, ShownValue> page) {
        if (page.values().stream().noneMatch(ShownValue::isSeen)) {
            return;
        }
        try {
            PaperKind kind = Catalogue.paper(paper.kind());
            switch (kind.reading()) {
                case SLIP -> addSlip(paper, kind, page);
                case DOCUMENT -> addDocument(paper, page, documentType(page), "issuedOn");
                case AMOUNT -> kind.document().ifPresent(type -> addDocument(paper, page, type, "issuedOn"));
                case NOTHING -> {}
            }
            value(page, "amount")
                    .ifPresent(amount -> costs.add(new ShownCost(
                            paper.id(), page.values().iterator().next().page(), paper.kind(), Money.parse(amount))));
        } catch (DateTimeParseException | IllegalArgumentException | InvalidFact e) {
            // A value that is no date or amount shows nothing; the caseworker sees it beside the page all the same.
            return;
        }
    }

    private void addSlip(Paper paper, PaperKind kind, Map<String, ShownValue> page) {
        kind.document().ifPresent(type -> addDocument(paper, page, type, "payDate"));
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

    /** One document a paper, however many pages it has: its last page, since that is the newest. */
    private void addDocument(Paper paper, Map<String, ShownValue> page, String type, String issued) {
        documents.removeIf(before -> before.paper().id().equals(paper.id()));
        value(page, "name")
                .ifPresent(name -> documents.add(new Document(
                        paper,
                        paper.subject(),
                        new IdentityDocument(
                                paper.id() + "/"
                                        + page.values().iterator().next().page(),
                                type,
                                name,
                                day(page, "dateOfBirth"),
                                day(page, issued),
                                day(page, "expiresOn"),
                                value(page, "mrz").map(lines -> List.of(lines.split("\\s+"))),
                                Optional.empty()))));
    }

    /** As a caseworker said; else by its readable zone, two lines of which a passport has and three a card. */
    private static String documentType(Map<String, ShownValue> page) {
        return value(page, "documentType")
                .orElseGet(() -> value(page, "mrz")
                        .map(lines -> lines.split("\\s+").length == 2 ? "PASSPORT" : "NATIONAL_ID")
                        .orElse("NATIONAL_ID"));
    }

    private static Optional<String> value(Map<String, ShownValue> page, String field) {
        return Optional.ofNullable(page.get(field)).map(ShownValue::value).filter(text -> !text.isBlank());
    }

    private static Optional<LocalDate> day(Map<String, ShownValue> page, String field) {
        return value(page, field).map(LocalDate::parse);
    }
}
