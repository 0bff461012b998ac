package org.civitane.server.demo;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;

/**
 * An invented document that shows who someone is, and the picture of it: for the demo, and for measuring how such
 * pictures are read.
 *
 * @param type in the rulebook's word
 * @param lines what stands on its face, the first in large letters
 * @param zone its machine-readable lines; empty when it has none
 */
public record MadeDocument(String type, List<String> lines, List<String> zone) {
    private static final DateTimeFormatter LONG = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
    private static final DateTimeFormatter DOTTED = DateTimeFormatter.ofPattern("dd.MM.yyyy");

    public MadeDocument {
        lines = List.copyOf(lines);
        zone = List.copyOf(zone);
    }

    /**
     * Who and when.
     *
     * @param number nine capital letters and digits
     */
    public record Of(String given, String family, LocalDate born, LocalDate issued, LocalDate expires, String number) {
        String full() {
            return given + " " + family;
        }

        MadeZone zone(boolean speltOut) {
            return new MadeZone(number, given, family, born, expires, speltOut);
        }
    }

    /** A document of a type that counts, with a right zone where it has one. */
    public static MadeDocument of(String type, Of of) {
        return switch (type) {
            case "PASSPORT" ->
                new MadeDocument(type, face("Passport", of), of.zone(true).ofPassport());
            case "NATIONAL_ID" ->
                new MadeDocument(type, face("Identity card", of), of.zone(true).ofCard('I'));
            case "RESIDENCE_PERMIT" ->
                new MadeDocument(
                        type, face("Residence permit", of), of.zone(false).ofCard('A'));
            case "DRIVING_LICENCE" ->
                new MadeDocument(
                        type,
                        List.of(
                                "Isles of Halvern  ·  Driving licence",
                                "1. " + of.family(),
                                "2. " + of.given(),
                                "3. " + DOTTED.format(of.born()) + " Norrhaven",
                                "4a. " + DOTTED.format(of.issued()),
                                "4b. " + DOTTED.format(of.expires())),
                        List.of());
            default -> new MadeDocument(type, letter(type, of), List.of());
        };
    }

    /** The same with another zone. */
    public MadeDocument withZone(List<String> other) {
        return new MadeDocument(type, lines, other);
    }

    /** The same with one check digit of its zone off. */
    public MadeDocument withWrongDigit() {
        return withZone(MadeZone.withWrongDigit(zone));
    }

    private static List<String> face(String title, Of of) {
        return List.of(
                "Isles of Halvern  ·  " + title,
                "Surname: " + of.family(),
                "Given names: " + of.given(),
                "Date of birth: " + LONG.format(of.born()),
                "Date of issue: " + LONG.format(of.issued()),
                "Date of expiry: " + LONG.format(of.expires()));
    }

    private static List<String> letter(String type, Of of) {
        String issued = LONG.format(of.issued());
        return switch (type) {
            case "PAY_SLIP" ->
                List.of(
                        "Pay slip",
                        "Employer: Tarn Quay Bakery",
                        "Employee: " + of.full(),
                        "Paid on: " + of.issued(),
                        "Gross pay: 412.00");
            case "WAGE_STATEMENT" ->
                List.of(
                        "Wage statement",
                        "Employer: Skerry Weavers",
                        "Employee: " + of.full(),
                        "Issued on: " + issued,
                        "Gross pay of the year: 21,400.00");
            case "UTILITY_BILL" ->
                List.of(
                        "Skerry Power and Light",
                        "Customer: " + of.full(),
                        "Bill date: " + issued,
                        "Amount due: 64.20");
            case "BANK_STATEMENT" ->
                List.of(
                        "Bank of Norrhaven",
                        "Account holder: " + of.full(),
                        "Statement date: " + DOTTED.format(of.issued()),
                        "Balance: 318.15");
            case "LEASE" -> List.of("Lease", "Landlord: Skerry Homes", "Tenant: " + of.full(), "Rent a month: 640.00");
            case "TAX_NOTICE" ->
                List.of(
                        "Tax Office of Halvern",
                        "Taxpayer: " + of.full(),
                        "Notice date: " + issued,
                        "Amount to pay: 0.00");
            default ->
                List.of(
                        "Civil Register of Halvern",
                        "Name: " + of.full(),
                        "Date of birth: " + LONG.format(of.born()),
                        "Issued on: " + issued);
        };
    }
}
