package org.civitane.server.demo;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import javax.imageio.ImageIO;
import tools.jackson.databind.JsonNode;

/** A small invented paper, as a picture: a few lines under a heading. */
final class DemoPaper {
    private static final int WIDTH = 840;
    private static final int HEIGHT = 1_100;

    private DemoPaper() {}

    /** The paper that a household sends for a need, with what it says in its application. */
    static byte[] of(String kind, String name, JsonNode answers) {
        JsonNode wages = answers.path("incomes").path(0);
        String rent = answers.path("expenses").path(0).path("amount").asString("");
        String balance = answers.path("resources").path(0).path("amount").asString("");
        return switch (kind) {
            case "IDENTITY" ->
                drawn(
                        "Identity card",
                        List.of("Isles of Halvern", name, "Born " + born(answers), "Valid until 2031-03-31"));
            case "PAY_SLIPS" ->
                drawn(
                        "Pay slip",
                        List.of(
                                wages.path("employer").asString("Tarn Quay Bakery"),
                                name,
                                "Gross pay " + wages.path("amount").asString(""),
                                wages.path("frequency").asString("")));
            case "HOUSING_COSTS" -> drawn("Lease", List.of("Skerry Homes", "Tenant: " + name, "Rent a month: " + rent));
            case "BANK_STATEMENT" -> drawn("Account statement", List.of(name, "Balance " + balance));
            default -> drawn("Receipt", List.of(name, "Care, each week: 45.00"));
        };
    }

    private static String born(JsonNode answers) {
        return answers.path("members").path(0).path("dateOfBirth").asString("");
    }

    private static byte[] drawn(String heading, List<String> lines) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, WIDTH, HEIGHT);
        pen.setColor(Color.BLACK);
        pen.setFont(pen.getFont().deriveFont(44f));
        pen.drawString(heading, 80, 140);
        pen.drawLine(80, 165, WIDTH - 80, 165);
        pen.setFont(pen.getFont().deriveFont(28f));
        for (int i = 0; i < lines.size(); i++) {
            pen.drawString(lines.get(i), 80, 240 + i * 52);
        }
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "jpeg", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
