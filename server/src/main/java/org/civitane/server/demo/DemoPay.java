package org.civitane.server.demo;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * What an employer pays the applicant, as the slips show it and as the register has it.
 *
 * @param employer who pays
 * @param said the amount the application gives, each {@code weekly} week or else month
 */
record DemoPay(String employer, BigDecimal said, boolean weekly, DemoTwist twist, LocalDate today) {
    private static final int WEEKS = 4;
    private static final int MONTHS = 2;
    private static final BigDecimal HIDDEN = new BigDecimal("310.00");

    /** One pay slip. */
    record Slip(LocalDate from, LocalDate to, LocalDate paid, BigDecimal gross, BigDecimal yearToDate) {}

    static DemoPay of(JsonNode answers, DemoTwist twist, LocalDate today) {
        JsonNode line = answers.path("incomes").path(0);
        return new DemoPay(
                line.path("employer").asString("Tarn Quay Bakery"),
                new BigDecimal(line.path("amount").asString("1500.00")),
                line.path("frequency").asString("").equals("WEEKLY"),
                twist,
                today);
    }

    /** The slips that are sent: the last weeks or months that are over. */
    List<Slip> slips() {
        BigDecimal gross = times(said, shownFactor());
        List<Slip> slips = new ArrayList<>();
        for (int back = weekly ? WEEKS : MONTHS; back > 0; back--) {
            LocalDate from = weekly ? monday().minusWeeks(back) : month(back).atDay(1);
            LocalDate to = weekly ? from.plusDays(6) : month(back).atEndOfMonth();
            boolean last = back == 1;
            BigDecimal soFar =
                    gross.multiply(BigDecimal.valueOf(weekly ? (to.getDayOfYear() + 6) / 7 : to.getMonthValue()));
            slips.add(new Slip(from, to, to, gross, twist == DemoTwist.HIDDEN_PAY && last ? soFar.add(HIDDEN) : soFar));
        }
        if (twist == DemoTwist.GAP_IN_SLIPS && slips.size() > 2) {
            slips.remove(1);
        }
        return slips;
    }

    /** What the register has for each of the last months. */
    BigDecimal monthlyOnRecord() {
        BigDecimal monthly = weekly
                ? said.multiply(BigDecimal.valueOf(52)).divide(BigDecimal.valueOf(12), 2, RoundingMode.HALF_UP)
                : said;
        return times(monthly, recordFactor());
    }

    private String shownFactor() {
        return switch (twist) {
            case MISSTATED -> "1.18";
            case DISPUTED -> "1.12";
            case IMMATERIAL -> "0.75";
            default -> "1";
        };
    }

    private String recordFactor() {
        return switch (twist) {
            case OUTDATED_RECORD -> "0.80";
            case MISSTATED -> "1.18";
            case DISPUTED -> "1.30";
            case IMMATERIAL -> "0.75";
            default -> "1";
        };
    }

    private LocalDate monday() {
        return today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    private YearMonth month(int back) {
        return YearMonth.from(today).minusMonths(back);
    }

    private static BigDecimal times(BigDecimal amount, String factor) {
        return amount.multiply(new BigDecimal(factor)).setScale(2, RoundingMode.HALF_UP);
    }
}
