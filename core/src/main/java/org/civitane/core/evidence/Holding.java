package org.civitane.core.evidence;

import java.time.LocalDate;

/**
 * How long a kind of paper goes on showing what it shows, once it was accepted, so that it can serve another claim of
 * the same people.
 */
public final class Holding {
    private static final int LONG_MONTHS = 24;
    private static final int SHORT_MONTHS = 3;
    private static final int USUAL_MONTHS = 12;
    private static final int PAY_DAYS = 30;

    private Holding() {}

    /**
     * The last day on which a paper of this kind still holds.
     *
     * @param kind in the word of the need it answered
     * @param receivedOn the day it came
     */
    public static LocalDate lastDay(String kind, LocalDate receivedOn) {
        return switch (kind) {
            case "IDENTITY" -> receivedOn.plusMonths(LONG_MONTHS);
            case "PAY_SLIPS" -> receivedOn.plusDays(PAY_DAYS);
            case "BANK_STATEMENT" -> receivedOn.plusMonths(SHORT_MONTHS);
            default -> receivedOn.plusMonths(USUAL_MONTHS);
        };
    }
}
