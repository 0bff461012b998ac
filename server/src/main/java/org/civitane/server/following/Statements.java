package org.civitane.server.following;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.PaidFor;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Value;
import org.civitane.core.reasoning.Wording;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Pdf;
import org.civitane.server.platform.Texts;
import org.springframework.stereotype.Component;

/**
 * What was paid on a claim in a year, as a person needs it for their taxes: each payment with the figures it comes from.
 * It counts by the day on which the bank booked it; money that goes to someone outside the household is not theirs.
 */
@Component
class Statements {
    private final PaymentStore payments;
    private final Dossiers dossiers;
    private final Determinations determinations;
    private final Pdf pdf;
    private final Texts texts;
    private final AgencyClock clock;

    Statements(
            PaymentStore payments,
            Dossiers dossiers,
            Determinations determinations,
            Pdf pdf,
            Texts texts,
            AgencyClock clock) {
        this.payments = payments;
        this.dossiers = dossiers;
        this.determinations = determinations;
        this.pdf = pdf;
        this.texts = texts;
        this.clock = clock;
    }

    /**
     * One row.
     *
     * @param keptBack what of it went to what was paid too much before, and is not in the amount
     * @param behind what the amount comes from, by name; nothing beside a further payment for the same time
     */
    private record Line(PaidFor time, LocalDate on, Money amount, Money keptBack, Figures behind) {}

    int thisYear() {
        return clock.today().getYear();
    }

    /** The years in which something was booked, the first one first. */
    List<Integer> years(ClaimView claim) {
        return payments.booked(claim.id()).stream()
                .map(booked -> dayOf(booked).getYear())
                .distinct()
                .sorted()
                .toList();
    }

    byte[] pdf(ClaimView claim, int year) {
        Wording wording = Claims.programmeOf(claim).wording(Locale.ENGLISH);
        List<Line> lines = lines(claim, year);
        Set<String> names = names(lines);
        List<String> head = new ArrayList<>(List.of(texts.say("statement.for"), texts.say("statement.paid-on")));
        names.forEach(name -> head.add(wording.text("plan.week." + name)));
        if (keepsBack(lines)) {
            head.add(texts.say("statement.kept-back"));
        }
        head.add(texts.say("statement.amount"));
        Map<String, Object> values = new HashMap<>();
        values.put("date", wording.shown(clock.today()));
        values.put("year", String.valueOf(year));
        values.put("number", claim.number());
        values.put("programme", wording.text("name"));
        values.put("name", dossiers.of(claim).applicant().name().full());
        values.put("head", head);
        values.put(
                "rows",
                lines.stream()
                        .map(line -> shown(line, names, keepsBack(lines), wording))
                        .toList());
        values.put("total", wording.shown(total(lines)));
        return pdf.of("payments-of-year", values);
    }

    String csv(ClaimView claim, int year) {
        List<Line> lines = lines(claim, year);
        Set<String> names = names(lines);
        StringBuilder csv = new StringBuilder();
        try (CSVPrinter out = new CSVPrinter(csv, CSVFormat.RFC4180)) {
            List<String> head = new ArrayList<>(List.of("claim", "for", "paidOn"));
            head.addAll(names);
            if (keepsBack(lines)) {
                head.add("keptBack");
            }
            head.add("amount");
            out.printRecord(head);
            for (Line line : lines) {
                List<String> row = new ArrayList<>(List.of(
                        claim.number(), line.time().toString(), line.on().toString()));
                names.forEach(name -> row.add(plain(line.behind().get(name))));
                if (keepsBack(lines)) {
                    row.add(line.keptBack().toString());
                }
                row.add(line.amount().toString());
                out.printRecord(row);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return csv.toString();
    }

    private List<Line> lines(ClaimView claim, int year) {
        Map<UUID, Map<PaidFor, Figures>> behind = new HashMap<>();
        return payments.booked(claim.id()).stream()
                .filter(booked -> dayOf(booked).getYear() == year)
                .map(booked -> new Line(
                        booked.time(),
                        dayOf(booked),
                        booked.amount(),
                        booked.keptBack(),
                        booked.part() == 1
                                ? behind.computeIfAbsent(booked.run(), this::behind)
                                        .getOrDefault(booked.time(), Figures.NONE)
                                : Figures.NONE))
                .toList();
    }

    private Map<PaidFor, Figures> behind(UUID id) {
        Run run = determinations.kept(id);
        Map<PaidFor, Figures> behind = new HashMap<>();
        run.determination()
                .outcomes()
                .forEach(outcome -> behind.putAll(run.programme().behindPayments(outcome)));
        return behind;
    }

    private LocalDate dayOf(PaymentStore.Booked booked) {
        return booked.at().atZone(clock.getZone()).toLocalDate();
    }

    private static Set<String> names(List<Line> lines) {
        Set<String> names = new LinkedHashSet<>();
        lines.forEach(line -> names.addAll(line.behind().keySet()));
        return names;
    }

    private static boolean keepsBack(List<Line> lines) {
        return lines.stream().anyMatch(line -> line.keptBack().isPositive());
    }

    private List<String> shown(Line line, Set<String> names, boolean keepsBack, Wording wording) {
        List<String> row = new ArrayList<>();
        row.add(
                switch (line.time()) {
                    case PaidFor.Month(var month) -> wording.shown(month);
                    case PaidFor.Week(var monday) -> texts.say("statement.week", wording.shown(monday));
                });
        row.add(wording.shown(line.on()));
        names.forEach(name -> {
            Value value = line.behind().get(name);
            row.add(value == null ? "" : wording.shown(value));
        });
        if (keepsBack) {
            row.add(wording.shown(line.keptBack()));
        }
        row.add(wording.shown(line.amount()));
        return row;
    }

    private static Money total(List<Line> lines) {
        return lines.stream().map(Line::amount).reduce(Money.ZERO, Money::plus);
    }

    /** A figure as the case file has it; empty where there is none. */
    private static String plain(Value value) {
        return switch (value) {
            case null -> "";
            case Value.Amount(Money money) -> money.toString();
            case Value.Decimal(var number) -> number.toPlainString();
            case Value other -> other.toString();
        };
    }
}
