package org.civitane.server.demo;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import tools.jackson.databind.JsonNode;

/**
 * A small invented paper, and what it shows page by page.
 *
 * @param pages the values of each page, as a caseworker confirms them
 */
record DemoPaper(String name, byte[] contents, List<Map<String, String>> pages) {

    /** The paper that a household sends for a need. */
    static DemoPaper of(String kind, DemoHousehold household, JsonNode answers, LocalDate today) {
        String rent = answers.path("expenses").path(0).path("amount").asString("");
        String balance = answers.path("resources").path(0).path("amount").asString("");
        String issued = today.minusDays(20).toString();
        return switch (kind) {
            case "IDENTITY" -> card(household.card(answers));
            case "PAY_SLIPS" -> slips(household.fullName(), DemoPay.of(answers, household.twist(), today));
            case "HOUSING_COSTS" -> {
                String agreed = household.twist() == DemoTwist.GAP_IN_SLIPS
                        ? new BigDecimal(rent).add(new BigDecimal("55.00")).toString()
                        : rent;
                yield written(
                        "lease.pdf",
                        List.of("Lease", "Skerry Homes", "Tenant: " + household.fullName(), "Rent a month: " + agreed),
                        Map.of("name", household.fullName(), "issuedOn", issued, "amount", agreed));
            }
            case "BANK_STATEMENT" ->
                written(
                        "statement.pdf",
                        List.of("Account statement", "Bank of Norrhaven", household.fullName(), "Balance " + balance),
                        Map.of("name", household.fullName(), "issuedOn", issued, "amount", balance));
            default ->
                written(
                        "receipt.pdf",
                        List.of("Receipt", "Tarn Bridge Day Care", household.fullName(), "Care, each week: 45.00"),
                        Map.of("name", household.fullName(), "issuedOn", issued, "amount", "45.00"));
        };
    }

    private static DemoPaper slips(String name, DemoPay pay) {
        List<List<String>> pages = new ArrayList<>();
        List<Map<String, String>> shown = new ArrayList<>();
        for (DemoPay.Slip slip : pay.slips()) {
            pages.add(List.of(
                    "Pay slip",
                    "Employer: " + pay.employer(),
                    "Employee: " + name,
                    "Pay period: " + slip.from() + " to " + slip.to(),
                    "Paid on: " + slip.paid(),
                    "Gross pay: " + slip.gross(),
                    "Gross year to date: " + slip.yearToDate()));
            Map<String, String> values = new LinkedHashMap<>();
            values.put("employer", pay.employer());
            values.put("name", name);
            values.put("periodStart", slip.from().toString());
            values.put("periodEnd", slip.to().toString());
            values.put("payDate", slip.paid().toString());
            values.put("gross", slip.gross().toString());
            values.put("ytdGross", slip.yearToDate().toString());
            shown.add(values);
        }
        return new DemoPaper("pay-slips.pdf", pdf(pages), shown);
    }

    private static DemoPaper written(String name, List<String> lines, Map<String, String> shown) {
        return new DemoPaper(name, pdf(List.of(lines)), List.of(shown));
    }

    private static DemoPaper card(DemoCard card) {
        Map<String, String> shown = new LinkedHashMap<>();
        shown.put("documentType", "NATIONAL_ID");
        shown.put("name", card.of().full());
        shown.put("dateOfBirth", card.of().born().toString());
        shown.put("expiresOn", card.of().expires().toString());
        shown.put("mrz", String.join("\n", card.document().zone()));
        return new DemoPaper(
                "identity-card.jpg", MadePicture.jpeg(card.document(), MadePicture.Spoilt.NOT, 0), List.of(shown));
    }

    private static byte[] pdf(List<List<String>> pages) {
        try (PDDocument document = new PDDocument()) {
            PDFont font = PDType0Font.load(
                    document, DemoPaper.class.getResourceAsStream("/letters/atkinson-regular.ttf"), true);
            for (List<String> lines : pages) {
                PDPage page = new PDPage(PDRectangle.A5);
                document.addPage(page);
                try (PDPageContentStream pen = new PDPageContentStream(document, page)) {
                    for (int i = 0; i < lines.size(); i++) {
                        pen.beginText();
                        pen.setFont(font, i == 0 ? 20 : 12);
                        pen.newLineAtOffset(40, 520 - i * 28f);
                        pen.showText(lines.get(i));
                        pen.endText();
                    }
                }
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
